CREATE TABLE "batches" (
	"id" serial PRIMARY KEY NOT NULL,
	"formula" text NOT NULL,
	"members" jsonb NOT NULL,
	"split" boolean DEFAULT false NOT NULL,
	"made_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "formula_versions" (
	"formula" text NOT NULL,
	"version" integer NOT NULL,
	"body" jsonb NOT NULL,
	"saved_at" timestamp with time zone NOT NULL,
	"note" text DEFAULT '' NOT NULL,
	CONSTRAINT "formula_versions_formula_version_pk" PRIMARY KEY("formula","version")
);
--> statement-breakpoint
CREATE TABLE "probe_series" (
	"id" serial PRIMARY KEY NOT NULL,
	"thing" text NOT NULL,
	"place" text NOT NULL,
	"ambient" real NOT NULL,
	"readings" jsonb NOT NULL,
	"taken_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "ticks" (
	"key" text PRIMARY KEY NOT NULL,
	"ticked_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
ALTER TABLE "ingredients" ADD COLUMN "traits" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "ingredients" ADD COLUMN "stock" real DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "kitchens" ADD COLUMN "choices" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "kitchens" ADD COLUMN "reading" jsonb;--> statement-breakpoint
ALTER TABLE "orders" ADD COLUMN "swaps" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "orders" ADD COLUMN "overrides" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "orders" ADD COLUMN "choices" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "orders" ADD COLUMN "versions" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "reading" jsonb;