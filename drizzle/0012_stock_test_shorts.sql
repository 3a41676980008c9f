ALTER TABLE "stock_test" DROP CONSTRAINT "test_positive";--> statement-breakpoint
ALTER TABLE "stock_test" ALTER COLUMN "measured" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "stock_test" ADD COLUMN "shorts" text;--> statement-breakpoint
ALTER TABLE "stock_test" ADD COLUMN "between" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "stock_test" ADD COLUMN "gas" text;--> statement-breakpoint
ALTER TABLE "stock_test" ADD CONSTRAINT "test_shorts" CHECK (coalesce("stock_test"."shorts", 'none') in ('none', 'found'));--> statement-breakpoint
ALTER TABLE "stock_test" ADD CONSTRAINT "test_gas" CHECK (coalesce("stock_test"."gas", 'none') in ('none', 'slight', 'gassy'));--> statement-breakpoint
ALTER TABLE "stock_test" ADD CONSTRAINT "test_order" CHECK (("stock_test"."shorts" is distinct from 'found') or ("stock_test"."measured" is null and "stock_test"."gas" is null));--> statement-breakpoint
ALTER TABLE "stock_test" ADD CONSTRAINT "test_positive" CHECK (coalesce("stock_test"."measured", 0) >= 0 and coalesce("stock_test"."nominal", 1) > 0);