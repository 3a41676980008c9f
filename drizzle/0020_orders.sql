CREATE TABLE "order_arrival" (
	"id" uuid PRIMARY KEY NOT NULL,
	"line_id" uuid NOT NULL,
	"pieces" integer NOT NULL,
	"verdict" text NOT NULL,
	"part_id" uuid,
	"note" text DEFAULT '' NOT NULL,
	"by" uuid NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "arrival_verdict" CHECK ("order_arrival"."verdict" in ('right', 'wrong', 'back')),
	CONSTRAINT "arrival_part" CHECK (("order_arrival"."verdict" = 'wrong') = ("order_arrival"."part_id" is null)),
	CONSTRAINT "arrival_pieces" CHECK ("order_arrival"."pieces" > 0)
);
--> statement-breakpoint
CREATE TABLE "order_line" (
	"id" uuid PRIMARY KEY NOT NULL,
	"order_id" uuid NOT NULL,
	"order_number" text NOT NULL,
	"kind" text NOT NULL,
	"marking" text NOT NULL,
	"maker" text DEFAULT '' NOT NULL,
	"price_minor" integer NOT NULL,
	"pieces" integer NOT NULL,
	CONSTRAINT "order_line_pieces" CHECK ("order_line"."pieces" > 0 and "order_line"."price_minor" >= 0)
);
--> statement-breakpoint
CREATE TABLE "order_want" (
	"id" uuid PRIMARY KEY NOT NULL,
	"line_id" uuid NOT NULL,
	"rank" integer NOT NULL,
	"pieces" integer NOT NULL,
	"visit_id" uuid,
	"place" text DEFAULT '' NOT NULL,
	"part_id" uuid,
	"wait_id" uuid,
	"waited_before" boolean DEFAULT false NOT NULL,
	CONSTRAINT "order_want_for" CHECK (("order_want"."visit_id" is null) <> ("order_want"."part_id" is null)),
	CONSTRAINT "order_want_pieces" CHECK ("order_want"."pieces" > 0)
);
--> statement-breakpoint
CREATE TABLE "part_order" (
	"id" uuid PRIMARY KEY NOT NULL,
	"number" integer GENERATED ALWAYS AS IDENTITY (sequence name "part_order_number_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1 CACHE 1),
	"supplier" text NOT NULL,
	"currency" text NOT NULL,
	"postage_minor" integer DEFAULT 0 NOT NULL,
	"ordered_on" date NOT NULL,
	"expected_on" date,
	"state" text DEFAULT 'open' NOT NULL,
	"note" text DEFAULT '' NOT NULL,
	"by" uuid NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "part_order_number_unique" UNIQUE("number"),
	CONSTRAINT "order_state" CHECK ("part_order"."state" in ('open', 'closed')),
	CONSTRAINT "order_supplier" CHECK (length(trim("part_order"."supplier")) > 0 and "part_order"."currency" ~ '^[A-Z]{3}$')
);
--> statement-breakpoint
CREATE TABLE "supplier" (
	"name" text PRIMARY KEY NOT NULL,
	"minimum_minor" integer DEFAULT 0 NOT NULL,
	"postage_minor" integer DEFAULT 0 NOT NULL,
	"free_from_minor" integer,
	"delivery_days" integer,
	"reach" text DEFAULT '' NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "supplier_money" CHECK ("supplier"."minimum_minor" >= 0 and "supplier"."postage_minor" >= 0 and coalesce("supplier"."free_from_minor", 0) >= 0),
	CONSTRAINT "supplier_days" CHECK (coalesce("supplier"."delivery_days", 0) between 0 and 365)
);
--> statement-breakpoint
ALTER TABLE "price_offer" ADD COLUMN "pack" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "order_arrival" ADD CONSTRAINT "order_arrival_line_id_order_line_id_fk" FOREIGN KEY ("line_id") REFERENCES "public"."order_line"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "order_arrival" ADD CONSTRAINT "order_arrival_part_id_stock_part_id_fk" FOREIGN KEY ("part_id") REFERENCES "public"."stock_part"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "order_arrival" ADD CONSTRAINT "order_arrival_by_person_id_fk" FOREIGN KEY ("by") REFERENCES "public"."person"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "order_line" ADD CONSTRAINT "order_line_order_id_part_order_id_fk" FOREIGN KEY ("order_id") REFERENCES "public"."part_order"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "order_want" ADD CONSTRAINT "order_want_line_id_order_line_id_fk" FOREIGN KEY ("line_id") REFERENCES "public"."order_line"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "order_want" ADD CONSTRAINT "order_want_visit_id_visit_id_fk" FOREIGN KEY ("visit_id") REFERENCES "public"."visit"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "order_want" ADD CONSTRAINT "order_want_part_id_stock_part_id_fk" FOREIGN KEY ("part_id") REFERENCES "public"."stock_part"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "part_order" ADD CONSTRAINT "part_order_by_person_id_fk" FOREIGN KEY ("by") REFERENCES "public"."person"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "arrival_line" ON "order_arrival" USING btree ("line_id");--> statement-breakpoint
CREATE INDEX "arrival_part_id" ON "order_arrival" USING btree ("part_id");--> statement-breakpoint
CREATE INDEX "order_line_order" ON "order_line" USING btree ("order_id");--> statement-breakpoint
CREATE INDEX "order_want_line" ON "order_want" USING btree ("line_id");--> statement-breakpoint
CREATE INDEX "order_want_visit" ON "order_want" USING btree ("visit_id");--> statement-breakpoint
CREATE INDEX "order_open" ON "part_order" USING btree ("state","ordered_on");--> statement-breakpoint
ALTER TABLE "price_offer" ADD CONSTRAINT "offer_pack" CHECK ("price_offer"."pack" > 0);--> statement-breakpoint
-- What came is never changed: what was wrong is sent back by a row of its own.
CREATE FUNCTION "arrivals_are_append_only"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION '% is append-only: % is refused', TG_TABLE_NAME, TG_OP USING ERRCODE = 'restrict_violation';
END $$;
--> statement-breakpoint
CREATE TRIGGER "arrival_no_change" BEFORE UPDATE OR DELETE ON "order_arrival" FOR EACH ROW EXECUTE FUNCTION "arrivals_are_append_only"();
--> statement-breakpoint
CREATE TRIGGER "arrival_no_truncate" BEFORE TRUNCATE ON "order_arrival" FOR EACH STATEMENT EXECUTE FUNCTION "arrivals_are_append_only"();
--> statement-breakpoint
-- Summaries say more from now on: parts that were judged with their age, originality, what was estimated.
UPDATE "set_summary" SET "stale" = true, "rev" = "rev" + 1;
