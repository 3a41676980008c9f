CREATE INDEX "log_entry_kind" ON "log_entry" USING btree ("set_id","kind");--> statement-breakpoint
CREATE INDEX "log_entry_amends" ON "log_entry" USING btree ("amends");