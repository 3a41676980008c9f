CREATE EXTENSION IF NOT EXISTS pg_trgm;
--> statement-breakpoint
CREATE TABLE "set_holds" (
	"set_id" uuid NOT NULL,
	"seq" integer NOT NULL,
	"kind" text NOT NULL,
	"key" text NOT NULL,
	"name" text NOT NULL,
	"place" text NOT NULL,
	"what" text NOT NULL,
	"since" timestamp with time zone,
	CONSTRAINT "set_holds_set_id_seq_pk" PRIMARY KEY("set_id","seq")
);
--> statement-breakpoint
CREATE TABLE "set_summary" (
	"set_id" uuid PRIMARY KEY NOT NULL,
	"stale" boolean DEFAULT true NOT NULL,
	"rev" bigint DEFAULT 0 NOT NULL,
	"job" integer,
	"last_at" timestamp with time zone,
	"stays" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"open" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"failed" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"findings" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"handed_back" jsonb,
	"text" text DEFAULT '' NOT NULL,
	"words" text[] DEFAULT '{}' NOT NULL
);
--> statement-breakpoint
ALTER TABLE "set_holds" ADD CONSTRAINT "set_holds_set_id_set_id_fk" FOREIGN KEY ("set_id") REFERENCES "public"."set"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "set_summary" ADD CONSTRAINT "set_summary_set_id_set_id_fk" FOREIGN KEY ("set_id") REFERENCES "public"."set"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "set_holds_key" ON "set_holds" USING btree ("kind","key");--> statement-breakpoint
CREATE INDEX "set_summary_stale" ON "set_summary" USING btree ("set_id") WHERE "set_summary"."stale";--> statement-breakpoint
CREATE INDEX "set_summary_here" ON "set_summary" USING btree ("job") WHERE "set_summary"."job" is not null;--> statement-breakpoint
CREATE INDEX "set_summary_last" ON "set_summary" USING btree ("last_at" DESC NULLS LAST,"set_id" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "set_summary_text" ON "set_summary" USING gin ("text" gin_trgm_ops);--> statement-breakpoint
CREATE INDEX "set_summary_words" ON "set_summary" USING gin ("words");--> statement-breakpoint
-- Summaries of the sets that are here already are made when they are read first.
INSERT INTO "set_summary" ("set_id") SELECT "id" FROM "set" ON CONFLICT DO NOTHING;
--> statement-breakpoint
CREATE FUNCTION "set_has_summary"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  INSERT INTO set_summary (set_id) SELECT id FROM added ON CONFLICT DO NOTHING;
  RETURN NULL;
END $$;
--> statement-breakpoint
CREATE TRIGGER "set_has_summary" AFTER INSERT ON "set" REFERENCING NEW TABLE AS added
  FOR EACH STATEMENT EXECUTE FUNCTION "set_has_summary"();
--> statement-breakpoint
-- In the transaction of whatever changes what a summary says: its set is stale from then on.
CREATE FUNCTION "summary_is_stale"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  IF TG_TABLE_NAME IN ('log_entry', 'visit') THEN
    UPDATE set_summary SET stale = true, rev = rev + 1 WHERE set_id IN (SELECT set_id FROM changed);
  ELSIF TG_TABLE_NAME = 'set' THEN
    UPDATE set_summary SET stale = true, rev = rev + 1 WHERE set_id IN (SELECT id FROM changed);
  ELSIF TG_TABLE_NAME = 'model' THEN
    UPDATE set_summary SET stale = true, rev = rev + 1
      WHERE set_id IN (SELECT s.id FROM "set" s JOIN changed c ON s.model_id = c.id);
  ELSE
    UPDATE set_summary SET stale = true, rev = rev + 1
      WHERE set_id IN (SELECT s.id FROM "set" s JOIN changed c ON s.owner_id = c.id);
  END IF;
  RETURN NULL;
END $$;
--> statement-breakpoint
CREATE TRIGGER "summary_is_stale" AFTER INSERT ON "log_entry" REFERENCING NEW TABLE AS changed
  FOR EACH STATEMENT EXECUTE FUNCTION "summary_is_stale"();
--> statement-breakpoint
CREATE TRIGGER "summary_is_stale" AFTER INSERT ON "visit" REFERENCING NEW TABLE AS changed
  FOR EACH STATEMENT EXECUTE FUNCTION "summary_is_stale"();
--> statement-breakpoint
CREATE TRIGGER "summary_is_stale" AFTER UPDATE ON "set" REFERENCING NEW TABLE AS changed
  FOR EACH STATEMENT EXECUTE FUNCTION "summary_is_stale"();
--> statement-breakpoint
CREATE TRIGGER "summary_is_stale" AFTER UPDATE ON "model" REFERENCING NEW TABLE AS changed
  FOR EACH STATEMENT EXECUTE FUNCTION "summary_is_stale"();
--> statement-breakpoint
CREATE TRIGGER "summary_is_stale" AFTER UPDATE ON "customer" REFERENCING NEW TABLE AS changed
  FOR EACH STATEMENT EXECUTE FUNCTION "summary_is_stale"();
--> statement-breakpoint
-- Pages that are open hear of it at once.
CREATE FUNCTION "log_has_grown"() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM pg_notify('jumelle_log', set_id::text) FROM (SELECT DISTINCT set_id FROM added) one;
  RETURN NULL;
END $$;
--> statement-breakpoint
CREATE TRIGGER "log_has_grown" AFTER INSERT ON "log_entry" REFERENCING NEW TABLE AS added
  FOR EACH STATEMENT EXECUTE FUNCTION "log_has_grown"();
