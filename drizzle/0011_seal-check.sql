CREATE TABLE "seal_check" (
	"set_id" uuid PRIMARY KEY NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"troubles" jsonb NOT NULL
);
--> statement-breakpoint
ALTER TABLE "seal_check" ADD CONSTRAINT "seal_check_set_id_set_id_fk" FOREIGN KEY ("set_id") REFERENCES "public"."set"("id") ON DELETE no action ON UPDATE no action;