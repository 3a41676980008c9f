CREATE TABLE "backup" (
	"id" uuid PRIMARY KEY NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"file" text NOT NULL,
	"bytes" bigint NOT NULL,
	"rows" integer NOT NULL
);
