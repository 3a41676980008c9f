CREATE TABLE "model_picture" (
	"id" uuid PRIMARY KEY NOT NULL,
	"model_id" uuid NOT NULL,
	"view" text NOT NULL,
	"type" text NOT NULL,
	"width" integer NOT NULL,
	"height" integer NOT NULL,
	"content" "bytea" NOT NULL,
	"by" uuid NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "model_picture_view" UNIQUE("model_id","view"),
	CONSTRAINT "model_picture_size" CHECK ("model_picture"."width" > 0 and "model_picture"."height" > 0 and length("model_picture"."content") > 0)
);
--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "air" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "model_picture" ADD CONSTRAINT "model_picture_model_id_model_id_fk" FOREIGN KEY ("model_id") REFERENCES "public"."model"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "model_picture" ADD CONSTRAINT "model_picture_by_person_id_fk" FOREIGN KEY ("by") REFERENCES "public"."person"("id") ON DELETE no action ON UPDATE no action;