CREATE TABLE "builds" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"body" jsonb NOT NULL,
	"version" integer DEFAULT 1 NOT NULL
);
--> statement-breakpoint
CREATE TABLE "equipment" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"kind" text NOT NULL,
	"units" integer NOT NULL,
	"heat_rate" real,
	"cool_rate" real,
	"mould" jsonb,
	"position" integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE "events" (
	"id" serial PRIMARY KEY NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"kind" text NOT NULL,
	"order_id" integer,
	"body" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "formulas" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"body" jsonb NOT NULL,
	"version" integer DEFAULT 1 NOT NULL
);
--> statement-breakpoint
CREATE TABLE "ingredients" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"allergens" jsonb NOT NULL,
	"density" real
);
--> statement-breakpoint
CREATE TABLE "kitchens" (
	"id" integer PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"zone" text NOT NULL,
	"origin" timestamp with time zone NOT NULL,
	"coefficients" jsonb NOT NULL,
	"version" integer DEFAULT 1 NOT NULL
);
--> statement-breakpoint
CREATE TABLE "orders" (
	"id" serial PRIMARY KEY NOT NULL,
	"title" text NOT NULL,
	"customer" text NOT NULL,
	"pickup" timestamp with time zone NOT NULL,
	"portions" integer NOT NULL,
	"build" text NOT NULL,
	"tiers" jsonb NOT NULL,
	"inscription" text NOT NULL,
	"avoid" jsonb NOT NULL,
	"note" text NOT NULL,
	"without" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"weight" real DEFAULT 1 NOT NULL,
	"state" text DEFAULT 'open' NOT NULL,
	"handed_over_at" timestamp with time zone,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "people" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"initials" text NOT NULL,
	"skills" jsonb NOT NULL,
	"weekly" jsonb NOT NULL,
	"days_off" jsonb NOT NULL,
	"position" integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE "plans" (
	"id" serial PRIMARY KEY NOT NULL,
	"previous" integer NOT NULL,
	"made_at" timestamp with time zone NOT NULL,
	"reason" text NOT NULL,
	"problem" jsonb NOT NULL,
	"plan" jsonb NOT NULL,
	"ready" jsonb NOT NULL,
	"stood" jsonb NOT NULL
);
--> statement-breakpoint
ALTER TABLE "events" ADD CONSTRAINT "events_order_id_orders_id_fk" FOREIGN KEY ("order_id") REFERENCES "public"."orders"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "orders" ADD CONSTRAINT "orders_build_builds_id_fk" FOREIGN KEY ("build") REFERENCES "public"."builds"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "plans_previous" ON "plans" USING btree ("previous");