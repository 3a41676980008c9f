-- Stock moves are added and never changed: a mistake is put right by another move.
CREATE FUNCTION stock_move_append_only() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'stock_move is append-only: % is refused, make another move instead', TG_OP USING ERRCODE = 'restrict_violation';
END;
$$;
--> statement-breakpoint
CREATE TRIGGER stock_move_no_change BEFORE UPDATE OR DELETE ON "stock_move" FOR EACH ROW EXECUTE FUNCTION stock_move_append_only();
--> statement-breakpoint
CREATE TRIGGER stock_move_no_truncate BEFORE TRUNCATE ON "stock_move" FOR EACH STATEMENT EXECUTE FUNCTION stock_move_append_only();
--> statement-breakpoint
-- Whoever moves a part holds its line until the transaction ends, so that two people cannot both take the last one;
-- and no move may leave less than nothing, or less than what is promised.
CREATE FUNCTION stock_move_guard() RETURNS trigger LANGUAGE plpgsql AS $$
DECLARE
  on_hand bigint;
  promised bigint;
  least bigint;
BEGIN
  PERFORM 1 FROM stock_part WHERE id = NEW.part_id FOR UPDATE;
  SELECT coalesce(sum(quantity), 0) + NEW.quantity, coalesce(sum(reserved), 0) + NEW.reserved
    INTO on_hand, promised FROM stock_move WHERE part_id = NEW.part_id;
  SELECT coalesce(sum(reserved), 0) + NEW.reserved
    INTO least FROM stock_move WHERE part_id = NEW.part_id AND visit_id = NEW.visit_id;
  IF on_hand < 0 OR promised < 0 OR promised > on_hand OR (NEW.reserved < 0 AND least < 0) THEN
    RAISE EXCEPTION 'stock of part % would be % on hand with % reserved', NEW.part_id, on_hand, promised
      USING ERRCODE = 'check_violation', CONSTRAINT = 'stock_below_zero';
  END IF;
  RETURN NEW;
END;
$$;
--> statement-breakpoint
CREATE TRIGGER stock_move_balance BEFORE INSERT ON "stock_move" FOR EACH ROW EXECUTE FUNCTION stock_move_guard();
