-- The logbook is appended and never changed: a correction is an entry that amends another.
CREATE FUNCTION log_entry_append_only() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'log_entry is append-only: % is refused, amend the entry instead', TG_OP USING ERRCODE = 'restrict_violation';
END;
$$;
--> statement-breakpoint
CREATE TRIGGER log_entry_no_change BEFORE UPDATE OR DELETE ON "log_entry" FOR EACH ROW EXECUTE FUNCTION log_entry_append_only();
--> statement-breakpoint
CREATE TRIGGER log_entry_no_truncate BEFORE TRUNCATE ON "log_entry" FOR EACH STATEMENT EXECUTE FUNCTION log_entry_append_only();
