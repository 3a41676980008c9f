CREATE TABLE "invoice" (
	"id" uuid PRIMARY KEY NOT NULL,
	"number" integer NOT NULL,
	"kind" text NOT NULL,
	"of_id" uuid,
	"visit_id" uuid NOT NULL,
	"issued_on" date NOT NULL,
	"currency" text NOT NULL,
	"net_minor" integer NOT NULL,
	"tax_minor" integer NOT NULL,
	"total_minor" integer NOT NULL,
	"doc" jsonb NOT NULL,
	"by" uuid NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "invoice_number_unique" UNIQUE("number"),
	CONSTRAINT "invoice_number" CHECK ("invoice"."number" > 0),
	CONSTRAINT "invoice_kind" CHECK ("invoice"."kind" in ('invoice', 'credit')),
	CONSTRAINT "credit_of" CHECK (("invoice"."kind" = 'credit') = ("invoice"."of_id" is not null)),
	CONSTRAINT "invoice_sum" CHECK ("invoice"."net_minor" + "invoice"."tax_minor" = "invoice"."total_minor" and "invoice"."total_minor" >= 0)
);
--> statement-breakpoint
CREATE TABLE "payment" (
	"id" uuid PRIMARY KEY NOT NULL,
	"visit_id" uuid NOT NULL,
	"minor" integer NOT NULL,
	"currency" text NOT NULL,
	"paid_on" date NOT NULL,
	"how" text NOT NULL,
	"note" text DEFAULT '' NOT NULL,
	"by" uuid NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "payment_minor" CHECK ("payment"."minor" <> 0),
	CONSTRAINT "payment_how" CHECK ("payment"."how" in ('cash', 'card', 'transfer'))
);
--> statement-breakpoint
CREATE TABLE "away" (
	"id" uuid PRIMARY KEY NOT NULL,
	"person_id" uuid,
	"first_day" date NOT NULL,
	"last_day" date NOT NULL,
	"why" text DEFAULT '' NOT NULL,
	"by" uuid NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "away_order" CHECK ("away"."first_day" <= "away"."last_day")
);
--> statement-breakpoint
CREATE TABLE "enquiry" (
	"id" uuid PRIMARY KEY NOT NULL,
	"number" integer GENERATED ALWAYS AS IDENTITY (sequence name "enquiry_number_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"caller" text NOT NULL,
	"reach" text DEFAULT '' NOT NULL,
	"digits" text DEFAULT '' NOT NULL,
	"what" text DEFAULT '' NOT NULL,
	"model_id" uuid,
	"set_class" text DEFAULT '' NOT NULL,
	"complaint" text DEFAULT '' NOT NULL,
	"said" text DEFAULT '' NOT NULL,
	"expected_on" date,
	"price" jsonb,
	"state" text DEFAULT 'open' NOT NULL,
	"visit_id" uuid,
	"by" uuid NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "enquiry_number" UNIQUE("number"),
	CONSTRAINT "enquiry_named" CHECK (length(trim("enquiry"."caller")) > 0),
	CONSTRAINT "enquiry_state" CHECK ("enquiry"."state" in ('open', 'came', 'dropped')),
	CONSTRAINT "enquiry_came" CHECK (("enquiry"."state" = 'came') = ("enquiry"."visit_id" is not null))
);
--> statement-breakpoint
CREATE TABLE "plan_pin" (
	"visit_id" uuid NOT NULL,
	"task" text NOT NULL,
	"person_id" uuid,
	"day" date,
	"by" uuid NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "plan_pin_visit_id_task_pk" PRIMARY KEY("visit_id","task"),
	CONSTRAINT "pin_says_something" CHECK ("plan_pin"."person_id" is not null or "plan_pin"."day" is not null)
);
--> statement-breakpoint
CREATE TABLE "set_holder" (
	"visit_id" uuid PRIMARY KEY NOT NULL,
	"person_id" uuid NOT NULL,
	"since" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "worker" (
	"person_id" uuid PRIMARY KEY NOT NULL,
	"week" jsonb NOT NULL,
	"skills" jsonb NOT NULL,
	"version" integer DEFAULT 1 NOT NULL
);
--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "billing" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "plan" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "invoice" ADD CONSTRAINT "invoice_of_id_invoice_id_fk" FOREIGN KEY ("of_id") REFERENCES "public"."invoice"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "invoice" ADD CONSTRAINT "invoice_visit_id_visit_id_fk" FOREIGN KEY ("visit_id") REFERENCES "public"."visit"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "invoice" ADD CONSTRAINT "invoice_by_person_id_fk" FOREIGN KEY ("by") REFERENCES "public"."person"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "payment" ADD CONSTRAINT "payment_visit_id_visit_id_fk" FOREIGN KEY ("visit_id") REFERENCES "public"."visit"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "payment" ADD CONSTRAINT "payment_by_person_id_fk" FOREIGN KEY ("by") REFERENCES "public"."person"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "away" ADD CONSTRAINT "away_person_id_person_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."person"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "away" ADD CONSTRAINT "away_by_person_id_fk" FOREIGN KEY ("by") REFERENCES "public"."person"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "enquiry" ADD CONSTRAINT "enquiry_model_id_model_id_fk" FOREIGN KEY ("model_id") REFERENCES "public"."model"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "enquiry" ADD CONSTRAINT "enquiry_visit_id_visit_id_fk" FOREIGN KEY ("visit_id") REFERENCES "public"."visit"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "enquiry" ADD CONSTRAINT "enquiry_by_person_id_fk" FOREIGN KEY ("by") REFERENCES "public"."person"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "plan_pin" ADD CONSTRAINT "plan_pin_visit_id_visit_id_fk" FOREIGN KEY ("visit_id") REFERENCES "public"."visit"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "plan_pin" ADD CONSTRAINT "plan_pin_person_id_person_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."person"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "plan_pin" ADD CONSTRAINT "plan_pin_by_person_id_fk" FOREIGN KEY ("by") REFERENCES "public"."person"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "set_holder" ADD CONSTRAINT "set_holder_visit_id_visit_id_fk" FOREIGN KEY ("visit_id") REFERENCES "public"."visit"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "set_holder" ADD CONSTRAINT "set_holder_person_id_person_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."person"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "worker" ADD CONSTRAINT "worker_person_id_person_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."person"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "invoice_visit" ON "invoice" USING btree ("visit_id");--> statement-breakpoint
CREATE INDEX "invoice_issued" ON "invoice" USING btree ("issued_on");--> statement-breakpoint
CREATE INDEX "payment_visit" ON "payment" USING btree ("visit_id");--> statement-breakpoint
CREATE INDEX "payment_day" ON "payment" USING btree ("paid_on");--> statement-breakpoint
CREATE INDEX "away_to" ON "away" USING btree ("last_day");--> statement-breakpoint
CREATE INDEX "enquiry_open" ON "enquiry" USING btree ("state","at" DESC NULLS LAST);--> statement-breakpoint
-- What went out is never changed: a credit note takes an invoice back, a payment back takes a payment back.
CREATE FUNCTION "money_is_append_only"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION '% is append-only: % is refused', TG_TABLE_NAME, TG_OP USING ERRCODE = 'restrict_violation';
END $$;
--> statement-breakpoint
CREATE TRIGGER "invoice_no_change" BEFORE UPDATE OR DELETE ON "invoice" FOR EACH ROW EXECUTE FUNCTION "money_is_append_only"();
--> statement-breakpoint
CREATE TRIGGER "invoice_no_truncate" BEFORE TRUNCATE ON "invoice" FOR EACH STATEMENT EXECUTE FUNCTION "money_is_append_only"();
--> statement-breakpoint
CREATE TRIGGER "payment_no_change" BEFORE UPDATE OR DELETE ON "payment" FOR EACH ROW EXECUTE FUNCTION "money_is_append_only"();
--> statement-breakpoint
CREATE TRIGGER "payment_no_truncate" BEFORE TRUNCATE ON "payment" FOR EACH STATEMENT EXECUTE FUNCTION "money_is_append_only"();
--> statement-breakpoint
-- Summaries say more from now on: times, parts and warranties of past visits, what is left on those that are here.
UPDATE "set_summary" SET "stale" = true, "rev" = "rev" + 1;
