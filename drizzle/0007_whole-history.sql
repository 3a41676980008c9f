CREATE TABLE "log_chain" (
	"entry_id" uuid PRIMARY KEY NOT NULL,
	"set_id" uuid NOT NULL,
	"seq" integer NOT NULL,
	"hash" text NOT NULL,
	CONSTRAINT "chain_place" UNIQUE("set_id","seq"),
	CONSTRAINT "chain_hash" CHECK ("log_chain"."hash" ~ '^[0-9a-f]{64}$')
);
--> statement-breakpoint
CREATE TABLE "recipe" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"body" jsonb NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "recipe_name_unique" UNIQUE("name")
);
--> statement-breakpoint
ALTER TABLE "model" DROP CONSTRAINT "model_name";--> statement-breakpoint
ALTER TABLE "person" DROP CONSTRAINT "person_name_unique";--> statement-breakpoint
ALTER TABLE "visit" DROP CONSTRAINT "visit_job_unique";--> statement-breakpoint
ALTER TABLE "stock_move" DROP CONSTRAINT "move_kind";--> statement-breakpoint
ALTER TABLE "model" ADD COLUMN "shop" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "person" ADD COLUMN "shop" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "shop" ADD COLUMN "terms" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "visit" ADD COLUMN "shop" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "log_chain" ADD CONSTRAINT "log_chain_entry_id_log_entry_id_fk" FOREIGN KEY ("entry_id") REFERENCES "public"."log_entry"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "model" ADD CONSTRAINT "model_name" UNIQUE("maker","designation","shop");--> statement-breakpoint
ALTER TABLE "person" ADD CONSTRAINT "person_name" UNIQUE("name","shop");--> statement-breakpoint
ALTER TABLE "visit" ADD CONSTRAINT "visit_job" UNIQUE("job","shop");--> statement-breakpoint
ALTER TABLE "stock_move" ADD CONSTRAINT "move_kind" CHECK ("stock_move"."kind" in ('received', 'reserved', 'released', 'issued', 'returned', 'scrapped', 'counted', 'sent-back'));--> statement-breakpoint
CREATE FUNCTION log_chain_append_only() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'the chain of a logbook is never changed: rows are added only';
END;
$$;
--> statement-breakpoint
CREATE TRIGGER log_chain_no_change BEFORE UPDATE OR DELETE ON "log_chain" FOR EACH ROW EXECUTE FUNCTION log_chain_append_only();
--> statement-breakpoint
CREATE TRIGGER log_chain_no_truncate BEFORE TRUNCATE ON "log_chain" FOR EACH STATEMENT EXECUTE FUNCTION log_chain_append_only();
