CREATE TABLE "instrument" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"kind" text NOT NULL,
	"place" text DEFAULT '' NOT NULL,
	"calibrated_on" date,
	"every_months" integer DEFAULT 12 NOT NULL,
	"retired" boolean DEFAULT false NOT NULL,
	"link" jsonb,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "instrument_name_unique" UNIQUE("name"),
	CONSTRAINT "instrument_named" CHECK (length(trim("instrument"."name")) > 0),
	CONSTRAINT "instrument_kind" CHECK ("instrument"."kind" in ('generator', 'counter', 'power meter', 'oscilloscope', 'supply')),
	CONSTRAINT "instrument_months" CHECK ("instrument"."every_months" between 1 and 120)
);
--> statement-breakpoint
CREATE TABLE "practice_exercise" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"year" integer,
	"sheet" jsonb NOT NULL,
	"hidden" jsonb NOT NULL,
	"salt" text NOT NULL,
	"told" jsonb NOT NULL,
	"complaint" text NOT NULL,
	"difficulty" text NOT NULL,
	"advice" text NOT NULL,
	"notice" text DEFAULT '' NOT NULL,
	"course" text,
	"place" integer,
	"for_class" boolean DEFAULT false NOT NULL,
	"closed" boolean DEFAULT false NOT NULL,
	"by" uuid NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "practice_advice" CHECK ("practice_exercise"."advice" in ('off', 'on', 'asked')),
	CONSTRAINT "practice_difficulty" CHECK ("practice_exercise"."difficulty" in ('easy', 'middling', 'hard'))
);
--> statement-breakpoint
CREATE TABLE "practice_run" (
	"id" uuid PRIMARY KEY NOT NULL,
	"exercise_id" uuid NOT NULL,
	"person_id" uuid NOT NULL,
	"done" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"started_at" timestamp with time zone DEFAULT now() NOT NULL,
	"ended_at" timestamp with time zone,
	"review" jsonb,
	"kind" text,
	"found" boolean,
	"points" integer,
	"minutes" double precision,
	"best_minutes" double precision,
	"version" integer DEFAULT 0 NOT NULL,
	CONSTRAINT "practice_once" UNIQUE("exercise_id","person_id"),
	CONSTRAINT "practice_ended" CHECK (("practice_run"."ended_at" is null) = ("practice_run"."review" is null))
);
--> statement-breakpoint
ALTER TABLE "practice_exercise" ADD CONSTRAINT "practice_exercise_by_person_id_fk" FOREIGN KEY ("by") REFERENCES "public"."person"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "practice_run" ADD CONSTRAINT "practice_run_exercise_id_practice_exercise_id_fk" FOREIGN KEY ("exercise_id") REFERENCES "public"."practice_exercise"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "practice_run" ADD CONSTRAINT "practice_run_person_id_person_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."person"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "practice_exercise_by" ON "practice_exercise" USING btree ("by","at");--> statement-breakpoint
CREATE INDEX "practice_run_person" ON "practice_run" USING btree ("person_id","started_at");