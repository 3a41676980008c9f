CREATE TABLE "event" (
	"id" bigint PRIMARY KEY GENERATED ALWAYS AS IDENTITY (sequence name "event_id_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 9223372036854775807 START WITH 1 CACHE 1),
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"what" text NOT NULL,
	"by" uuid,
	"about" text DEFAULT '' NOT NULL,
	"address" text DEFAULT '' NOT NULL
);
--> statement-breakpoint
CREATE TABLE "for_owner" (
	"attachment_id" uuid PRIMARY KEY NOT NULL,
	"by" uuid NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "owner_link" (
	"id" uuid PRIMARY KEY NOT NULL,
	"token_hash" text NOT NULL,
	"set_id" uuid NOT NULL,
	"visit_id" uuid NOT NULL,
	"made_by" uuid NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"withdrawn_at" timestamp with time zone,
	"opened_at" timestamp with time zone,
	CONSTRAINT "owner_link_token_hash_unique" UNIQUE("token_hash"),
	CONSTRAINT "owner_link_hash" CHECK ("owner_link"."token_hash" ~ '^[0-9a-f]{64}$')
);
--> statement-breakpoint
CREATE TABLE "sign_in_account" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"account_id" text NOT NULL,
	"provider_id" text NOT NULL,
	"user_id" uuid NOT NULL,
	"access_token" text,
	"refresh_token" text,
	"id_token" text,
	"access_token_expires_at" timestamp with time zone,
	"refresh_token_expires_at" timestamp with time zone,
	"scope" text,
	"password" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "sign_in_check" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"identifier" text NOT NULL,
	"value" text NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "sign_in_session" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"token" text NOT NULL,
	"user_id" uuid NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	"ip_address" text,
	"user_agent" text,
	"locked" boolean DEFAULT false NOT NULL,
	"turn_id" uuid,
	CONSTRAINT "sign_in_session_token_unique" UNIQUE("token")
);
--> statement-breakpoint
CREATE TABLE "sign_in_user" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"email" text NOT NULL,
	"email_verified" boolean DEFAULT false NOT NULL,
	"image" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	"username" text NOT NULL,
	"display_username" text,
	"pin" text,
	"pin_wrong" integer DEFAULT 0 NOT NULL,
	"must_change" boolean DEFAULT false NOT NULL,
	CONSTRAINT "sign_in_user_email_unique" UNIQUE("email"),
	CONSTRAINT "sign_in_user_username_unique" UNIQUE("username")
);
--> statement-breakpoint
CREATE TABLE "writing_turn" (
	"id" uuid PRIMARY KEY NOT NULL,
	"person_id" uuid NOT NULL,
	"key" text NOT NULL,
	"began_at" timestamp with time zone DEFAULT now() NOT NULL,
	"ended_at" timestamp with time zone
);
--> statement-breakpoint
ALTER TABLE "person" ALTER COLUMN "role" SET DEFAULT '';--> statement-breakpoint
ALTER TABLE "person" ADD COLUMN "access" text DEFAULT 'technician' NOT NULL;--> statement-breakpoint
ALTER TABLE "person" ADD COLUMN "retired" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "lock_minutes" integer DEFAULT 10 NOT NULL;--> statement-breakpoint
ALTER TABLE "shop_identity" ADD COLUMN "demo" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "event" ADD CONSTRAINT "event_by_person_id_fk" FOREIGN KEY ("by") REFERENCES "public"."person"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "for_owner" ADD CONSTRAINT "for_owner_attachment_id_attachment_id_fk" FOREIGN KEY ("attachment_id") REFERENCES "public"."attachment"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "for_owner" ADD CONSTRAINT "for_owner_by_person_id_fk" FOREIGN KEY ("by") REFERENCES "public"."person"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "owner_link" ADD CONSTRAINT "owner_link_set_id_set_id_fk" FOREIGN KEY ("set_id") REFERENCES "public"."set"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "owner_link" ADD CONSTRAINT "owner_link_visit_id_visit_id_fk" FOREIGN KEY ("visit_id") REFERENCES "public"."visit"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "owner_link" ADD CONSTRAINT "owner_link_made_by_person_id_fk" FOREIGN KEY ("made_by") REFERENCES "public"."person"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sign_in_account" ADD CONSTRAINT "sign_in_account_user_id_sign_in_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."sign_in_user"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sign_in_session" ADD CONSTRAINT "sign_in_session_user_id_sign_in_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."sign_in_user"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sign_in_user" ADD CONSTRAINT "sign_in_user_id_person_id_fk" FOREIGN KEY ("id") REFERENCES "public"."person"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "writing_turn" ADD CONSTRAINT "writing_turn_person_id_person_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."person"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "event_at" ON "event" USING btree ("at");--> statement-breakpoint
CREATE INDEX "owner_link_visit" ON "owner_link" USING btree ("visit_id");--> statement-breakpoint
CREATE INDEX "sign_in_session_user" ON "sign_in_session" USING btree ("user_id");--> statement-breakpoint
ALTER TABLE "person" ADD CONSTRAINT "person_access" CHECK ("person"."access" in ('owner', 'lead', 'technician', 'desk', 'apprentice', 'reader'));--> statement-breakpoint
ALTER TABLE "shop" ADD CONSTRAINT "shop_lock" CHECK ("shop"."lock_minutes" between 0 and 480);
--> statement-breakpoint
-- What somebody does was free text before: the role that the words come nearest to (roleOfWords in core/access).
UPDATE "person" SET "access" = CASE
  WHEN "role" ~* '\mowner\M' THEN 'owner'
  WHEN "role" ~* '\mlead\M' THEN 'lead'
  WHEN "role" ~* '\m(desk|office)\M' THEN 'desk'
  WHEN "role" ~* '\m(apprentice|trainee)\M' THEN 'apprentice'
  WHEN "role" ~* '\mreader\M' THEN 'reader'
  ELSE 'technician'
END;
