CREATE TABLE "entries" (
	"kitchen" text NOT NULL,
	"register" text NOT NULL,
	"id" text NOT NULL,
	"position" integer NOT NULL,
	"body" jsonb NOT NULL,
	"retired_at" timestamp with time zone,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "entries_kitchen_register_id_pk" PRIMARY KEY("kitchen","register","id")
);
--> statement-breakpoint
ALTER TABLE "entries" ADD CONSTRAINT "entries_kitchen_kitchens_id_fk" FOREIGN KEY ("kitchen") REFERENCES "public"."kitchens"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint

-- What people, equipment and ingredients said in columns becomes a document each; what carries no version yet is version 0.
INSERT INTO "entries" ("kitchen", "register", "id", "position", "body")
SELECT "kitchen", 'people', "id", "position", jsonb_build_object('name', "name", 'initials', "initials", 'skills', "skills", 'weekly', "weekly", 'daysOff', "days_off", 'reading', "reading", 'position', "position") FROM "people";--> statement-breakpoint
INSERT INTO "entries" ("kitchen", "register", "id", "position", "body")
SELECT "kitchen", 'items', "id", "position", jsonb_build_object('name', "name", 'kind', "kind", 'units', "units", 'heatRate', "heat_rate", 'coolRate', "cool_rate", 'mould', "mould") FROM "equipment";--> statement-breakpoint
-- Ingredients had no order of their own.
INSERT INTO "entries" ("kitchen", "register", "id", "position", "body")
SELECT "kitchen", 'ingredients', "id", row_number() OVER (PARTITION BY "kitchen" ORDER BY "name", "id") - 1, "traits" || jsonb_build_object('name', "name", 'allergens', "allergens", 'density', "density", 'stock', "stock") FROM "ingredients";--> statement-breakpoint

DROP TABLE "equipment";--> statement-breakpoint
DROP TABLE "ingredients";--> statement-breakpoint
DROP TABLE "people";--> statement-breakpoint
ALTER TABLE "kitchens" ADD COLUMN "opening" jsonb;--> statement-breakpoint
ALTER TABLE "kitchens" ADD COLUMN "set_up" jsonb;
