CREATE TABLE "file_chain" (
	"attachment_id" uuid PRIMARY KEY NOT NULL,
	"set_id" uuid NOT NULL,
	"seq" integer NOT NULL,
	"sha256" text NOT NULL,
	"hash" text NOT NULL,
	CONSTRAINT "file_chain_place" UNIQUE("set_id","seq"),
	CONSTRAINT "file_chain_hash" CHECK ("file_chain"."hash" ~ '^[0-9a-f]{64}$' and "file_chain"."sha256" ~ '^[0-9a-f]{64}$')
);
--> statement-breakpoint
CREATE TABLE "shop_identity" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"uid" uuid DEFAULT gen_random_uuid() NOT NULL,
	"all_sealed" boolean DEFAULT false NOT NULL,
	CONSTRAINT "one_identity" CHECK ("shop_identity"."id" = 1)
);
--> statement-breakpoint
ALTER TABLE "model" ADD COLUMN "shop_id" uuid;--> statement-breakpoint
ALTER TABLE "person" ADD COLUMN "shop_id" uuid;--> statement-breakpoint
ALTER TABLE "visit" ADD COLUMN "shop_id" uuid;--> statement-breakpoint
ALTER TABLE "file_chain" ADD CONSTRAINT "file_chain_attachment_id_attachment_id_fk" FOREIGN KEY ("attachment_id") REFERENCES "public"."attachment"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
INSERT INTO "shop_identity" DEFAULT VALUES;--> statement-breakpoint
-- An archive of a shop whose clock was set back has an amendment in front of its entry: laid down together, they fit.
ALTER TABLE "log_entry" ALTER CONSTRAINT "entry_amends" DEFERRABLE INITIALLY IMMEDIATE;--> statement-breakpoint
-- Photos do not shrink: stored as they are, they are read much faster.
ALTER TABLE "attachment" ALTER COLUMN "content" SET STORAGE EXTERNAL;--> statement-breakpoint
CREATE FUNCTION file_chain_append_only() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'the chain of files is never changed: rows are added only' USING ERRCODE = 'restrict_violation';
END;
$$;
--> statement-breakpoint
CREATE TRIGGER file_chain_no_change BEFORE UPDATE OR DELETE ON "file_chain" FOR EACH ROW EXECUTE FUNCTION file_chain_append_only();
--> statement-breakpoint
CREATE TRIGGER file_chain_no_truncate BEFORE TRUNCATE ON "file_chain" FOR EACH STATEMENT EXECUTE FUNCTION file_chain_append_only();
--> statement-breakpoint
CREATE FUNCTION attachment_stays() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  IF TG_OP = 'UPDATE' AND ROW(NEW.id, NEW.entry_id, NEW.set_id, NEW.name, NEW.type, NEW.size, NEW.content, NEW.thumb, NEW."by", NEW.at)
     IS NOT DISTINCT FROM ROW(OLD.id, OLD.entry_id, OLD.set_id, OLD.name, OLD.type, OLD.size, OLD.content, OLD.thumb, OLD."by", OLD.at) THEN
    RETURN NEW;
  END IF;
  RAISE EXCEPTION 'a file stays as it came: % is refused, it may only be hidden', TG_OP USING ERRCODE = 'restrict_violation';
END;
$$;
--> statement-breakpoint
CREATE TRIGGER attachment_no_change BEFORE UPDATE OR DELETE ON "attachment" FOR EACH ROW EXECUTE FUNCTION attachment_stays();
