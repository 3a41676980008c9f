CREATE TABLE "second_factor" (
	"person_id" uuid PRIMARY KEY NOT NULL,
	"secret" text NOT NULL,
	"since" timestamp with time zone,
	"last_step" bigint DEFAULT 0 NOT NULL,
	"spare" text[] DEFAULT '{}' NOT NULL
);
--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "codes_asked" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "second_factor" ADD CONSTRAINT "second_factor_person_id_sign_in_user_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."sign_in_user"("id") ON DELETE no action ON UPDATE no action;