CREATE TABLE "attachment" (
	"id" uuid PRIMARY KEY NOT NULL,
	"entry_id" uuid NOT NULL,
	"set_id" uuid NOT NULL,
	"name" text NOT NULL,
	"type" text NOT NULL,
	"size" integer NOT NULL,
	"content" "bytea" NOT NULL,
	"thumb" "bytea",
	"by" uuid NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"hidden" boolean DEFAULT false NOT NULL,
	CONSTRAINT "attachment_size" CHECK ("attachment"."size" = length("attachment"."content") and "attachment"."size" > 0)
);
--> statement-breakpoint
CREATE TABLE "meter" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"ohms_per_volt" double precision,
	"input_ohms" double precision,
	"calibrated_on" date,
	"every_months" integer DEFAULT 12 NOT NULL,
	"retired" boolean DEFAULT false NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "meter_name_unique" UNIQUE("name"),
	CONSTRAINT "meter_named" CHECK (length(trim("meter"."name")) > 0),
	CONSTRAINT "meter_input" CHECK (("meter"."ohms_per_volt" is null) <> ("meter"."input_ohms" is null)),
	CONSTRAINT "meter_positive" CHECK (coalesce("meter"."ohms_per_volt", "meter"."input_ohms") > 0),
	CONSTRAINT "meter_months" CHECK ("meter"."every_months" between 1 and 120)
);
--> statement-breakpoint
CREATE TABLE "model_revision" (
	"model_id" uuid NOT NULL,
	"version" integer NOT NULL,
	"sheet" jsonb NOT NULL,
	"replaced_by" uuid,
	"replaced_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "model_revision_model_id_version_pk" PRIMARY KEY("model_id","version")
);
--> statement-breakpoint
CREATE TABLE "shop" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"name" text NOT NULL,
	"line_volts" double precision DEFAULT 230 NOT NULL,
	"line_hz" double precision DEFAULT 50 NOT NULL,
	"currency" text DEFAULT 'EUR' NOT NULL,
	"lamps" jsonb DEFAULT '[25,40,60,100,150,200]'::jsonb NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "one_shop" CHECK ("shop"."id" = 1),
	CONSTRAINT "shop_line" CHECK ("shop"."line_volts" between 90 and 480 and "shop"."line_hz" between 16 and 400),
	CONSTRAINT "shop_currency" CHECK ("shop"."currency" ~ '^[A-Z]{3}$')
);
--> statement-breakpoint
ALTER TABLE "attachment" ADD CONSTRAINT "attachment_by_person_id_fk" FOREIGN KEY ("by") REFERENCES "public"."person"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "attachment" ADD CONSTRAINT "attachment_entry" FOREIGN KEY ("entry_id","set_id") REFERENCES "public"."log_entry"("id","set_id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "model_revision" ADD CONSTRAINT "model_revision_model_id_model_id_fk" FOREIGN KEY ("model_id") REFERENCES "public"."model"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "model_revision" ADD CONSTRAINT "model_revision_replaced_by_person_id_fk" FOREIGN KEY ("replaced_by") REFERENCES "public"."person"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "attachment_set" ON "attachment" USING btree ("set_id");