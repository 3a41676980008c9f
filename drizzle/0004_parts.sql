CREATE TABLE "price_offer" (
	"supplier" text NOT NULL,
	"order_number" text NOT NULL,
	"kind" text NOT NULL,
	"marking" text NOT NULL,
	"maker" text DEFAULT '' NOT NULL,
	"price_minor" integer NOT NULL,
	"currency" text NOT NULL,
	CONSTRAINT "price_offer_supplier_order_number_pk" PRIMARY KEY("supplier","order_number"),
	CONSTRAINT "offer_price" CHECK ("price_offer"."price_minor" > 0 and "price_offer"."currency" ~ '^[A-Z]{3}$')
);
--> statement-breakpoint
CREATE TABLE "stock_test" (
	"id" uuid PRIMARY KEY NOT NULL,
	"part_id" uuid NOT NULL,
	"test" text NOT NULL,
	"measured" double precision NOT NULL,
	"nominal" double precision,
	"unit" text DEFAULT '' NOT NULL,
	"setup" text DEFAULT '' NOT NULL,
	"by" uuid,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "test_positive" CHECK ("stock_test"."measured" >= 0 and coalesce("stock_test"."nominal", 1) > 0)
);
--> statement-breakpoint
ALTER TABLE "stock_move" DROP CONSTRAINT "moves_something";--> statement-breakpoint
ALTER TABLE "stock_move" ALTER COLUMN "quantity" SET DEFAULT 0;--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "rules" jsonb DEFAULT '{"roles":[]}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "stock_move" ADD COLUMN "kind" text NOT NULL DEFAULT 'counted';--> statement-breakpoint
ALTER TABLE "stock_move" ALTER COLUMN "kind" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "stock_move" ADD COLUMN "reserved" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "stock_move" ADD COLUMN "visit_id" uuid;--> statement-breakpoint
ALTER TABLE "stock_move" ADD COLUMN "work_id" uuid;--> statement-breakpoint
ALTER TABLE "stock_move" ADD COLUMN "by" uuid;--> statement-breakpoint
ALTER TABLE "stock_move" ADD COLUMN "note" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "stock_part" ADD COLUMN "number" integer NOT NULL GENERATED ALWAYS AS IDENTITY (sequence name "stock_part_number_seq" INCREMENT BY 1 MINVALUE 1 MAXVALUE 2147483647 START WITH 1001 CACHE 1);--> statement-breakpoint
ALTER TABLE "stock_part" ADD COLUMN "kind" text NOT NULL DEFAULT 'hardware';--> statement-breakpoint
ALTER TABLE "stock_part" ALTER COLUMN "kind" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "stock_part" ADD COLUMN "maker" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "stock_part" ADD COLUMN "part_number" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "stock_part" ADD COLUMN "batch" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "stock_part" ADD COLUMN "supplier" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "stock_part" ADD COLUMN "size" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "stock_part" ADD COLUMN "reorder_at" integer;--> statement-breakpoint
ALTER TABLE "stock_part" ADD COLUMN "warranty_months" integer;--> statement-breakpoint
ALTER TABLE "stock_part" ADD COLUMN "provenance" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "stock_part" ADD COLUMN "made_in" integer;--> statement-breakpoint
ALTER TABLE "stock_part" ADD COLUMN "version" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "stock_test" ADD CONSTRAINT "stock_test_part_id_stock_part_id_fk" FOREIGN KEY ("part_id") REFERENCES "public"."stock_part"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stock_test" ADD CONSTRAINT "stock_test_by_person_id_fk" FOREIGN KEY ("by") REFERENCES "public"."person"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "stock_test_part" ON "stock_test" USING btree ("part_id");--> statement-breakpoint
ALTER TABLE "stock_move" ADD CONSTRAINT "stock_move_visit_id_visit_id_fk" FOREIGN KEY ("visit_id") REFERENCES "public"."visit"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stock_move" ADD CONSTRAINT "stock_move_work_id_log_entry_id_fk" FOREIGN KEY ("work_id") REFERENCES "public"."log_entry"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stock_move" ADD CONSTRAINT "stock_move_by_person_id_fk" FOREIGN KEY ("by") REFERENCES "public"."person"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "stock_move_work" ON "stock_move" USING btree ("work_id");--> statement-breakpoint
CREATE INDEX "stock_part_kind" ON "stock_part" USING btree ("kind","marking");--> statement-breakpoint
ALTER TABLE "stock_part" ADD CONSTRAINT "stock_part_number_unique" UNIQUE("number");--> statement-breakpoint
ALTER TABLE "stock_move" ADD CONSTRAINT "move_kind" CHECK ("stock_move"."kind" in ('received', 'reserved', 'released', 'issued', 'returned', 'scrapped', 'counted'));--> statement-breakpoint
ALTER TABLE "stock_move" ADD CONSTRAINT "reserved_for" CHECK ("stock_move"."reserved" = 0 or "stock_move"."visit_id" is not null);--> statement-breakpoint
ALTER TABLE "stock_move" ADD CONSTRAINT "moves_something" CHECK ("stock_move"."quantity" <> 0 or "stock_move"."reserved" <> 0);--> statement-breakpoint
ALTER TABLE "stock_part" ADD CONSTRAINT "marked" CHECK (length(trim("stock_part"."marking")) > 0);--> statement-breakpoint
ALTER TABLE "stock_part" ADD CONSTRAINT "reorder_positive" CHECK ("stock_part"."reorder_at" >= 0);