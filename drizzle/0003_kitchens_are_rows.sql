-- A kitchen is named by a short text that stands in its addresses, made from its name. The demo of earlier versions is known by its name.
ALTER TABLE "kitchens" ALTER COLUMN "id" SET DATA TYPE text USING CASE "name" WHEN 'The Copper Whisk' THEN 'demo' ELSE coalesce(nullif(trim(both '-' from left(regexp_replace(lower("name"), '[^a-z0-9]+', '-', 'g'), 40)), ''), 'kitchen') END;--> statement-breakpoint
ALTER TABLE "kitchens" ADD COLUMN "clock" jsonb;--> statement-breakpoint
ALTER TABLE "kitchens" ADD COLUMN "created_at" timestamp with time zone;--> statement-breakpoint
UPDATE "kitchens" SET "created_at" = "origin";--> statement-breakpoint
ALTER TABLE "kitchens" ALTER COLUMN "created_at" SET NOT NULL;--> statement-breakpoint

ALTER TABLE "counts" ALTER COLUMN "kitchen" SET DATA TYPE text;--> statement-breakpoint
UPDATE "counts" SET "kitchen" = (SELECT "id" FROM "kitchens" LIMIT 1);--> statement-breakpoint
DELETE FROM "counts" WHERE "kitchen" IS NULL;--> statement-breakpoint
ALTER TABLE "counts" ADD CONSTRAINT "counts_kitchen_kitchens_id_fk" FOREIGN KEY ("kitchen") REFERENCES "public"."kitchens"("id");--> statement-breakpoint

-- What refers to rows by number alone is let go of first.
ALTER TABLE "events" DROP CONSTRAINT "events_order_id_orders_id_fk";--> statement-breakpoint
ALTER TABLE "orders" DROP CONSTRAINT "orders_build_builds_id_fk";--> statement-breakpoint
DROP INDEX "plans_previous";--> statement-breakpoint

ALTER TABLE "people" ADD COLUMN "kitchen" text;--> statement-breakpoint
ALTER TABLE "equipment" ADD COLUMN "kitchen" text;--> statement-breakpoint
ALTER TABLE "ingredients" ADD COLUMN "kitchen" text;--> statement-breakpoint
ALTER TABLE "formulas" ADD COLUMN "kitchen" text;--> statement-breakpoint
ALTER TABLE "formula_versions" ADD COLUMN "kitchen" text;--> statement-breakpoint
ALTER TABLE "builds" ADD COLUMN "kitchen" text;--> statement-breakpoint
ALTER TABLE "orders" ADD COLUMN "kitchen" text;--> statement-breakpoint
ALTER TABLE "batches" ADD COLUMN "kitchen" text;--> statement-breakpoint
ALTER TABLE "ticks" ADD COLUMN "kitchen" text;--> statement-breakpoint
ALTER TABLE "probe_series" ADD COLUMN "kitchen" text;--> statement-breakpoint
ALTER TABLE "plans" ADD COLUMN "kitchen" text;--> statement-breakpoint
ALTER TABLE "events" ADD COLUMN "kitchen" text;--> statement-breakpoint
ALTER TABLE "writes" ADD COLUMN "kitchen" text;--> statement-breakpoint

UPDATE "people" SET "kitchen" = (SELECT "id" FROM "kitchens" LIMIT 1);--> statement-breakpoint
UPDATE "equipment" SET "kitchen" = (SELECT "id" FROM "kitchens" LIMIT 1);--> statement-breakpoint
UPDATE "ingredients" SET "kitchen" = (SELECT "id" FROM "kitchens" LIMIT 1);--> statement-breakpoint
UPDATE "formulas" SET "kitchen" = (SELECT "id" FROM "kitchens" LIMIT 1);--> statement-breakpoint
UPDATE "formula_versions" SET "kitchen" = (SELECT "id" FROM "kitchens" LIMIT 1);--> statement-breakpoint
UPDATE "builds" SET "kitchen" = (SELECT "id" FROM "kitchens" LIMIT 1);--> statement-breakpoint
UPDATE "orders" SET "kitchen" = (SELECT "id" FROM "kitchens" LIMIT 1);--> statement-breakpoint
UPDATE "batches" SET "kitchen" = (SELECT "id" FROM "kitchens" LIMIT 1);--> statement-breakpoint
UPDATE "ticks" SET "kitchen" = (SELECT "id" FROM "kitchens" LIMIT 1);--> statement-breakpoint
UPDATE "probe_series" SET "kitchen" = (SELECT "id" FROM "kitchens" LIMIT 1);--> statement-breakpoint
UPDATE "plans" SET "kitchen" = (SELECT "id" FROM "kitchens" LIMIT 1);--> statement-breakpoint
UPDATE "events" SET "kitchen" = (SELECT "id" FROM "kitchens" LIMIT 1);--> statement-breakpoint
DELETE FROM "writes" WHERE NOT EXISTS (SELECT 1 FROM "kitchens");--> statement-breakpoint
UPDATE "writes" SET "kitchen" = (SELECT "id" FROM "kitchens" LIMIT 1);--> statement-breakpoint

ALTER TABLE "people" ALTER COLUMN "kitchen" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "equipment" ALTER COLUMN "kitchen" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "ingredients" ALTER COLUMN "kitchen" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "formulas" ALTER COLUMN "kitchen" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "formula_versions" ALTER COLUMN "kitchen" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "builds" ALTER COLUMN "kitchen" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "orders" ALTER COLUMN "kitchen" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "batches" ALTER COLUMN "kitchen" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "ticks" ALTER COLUMN "kitchen" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "probe_series" ALTER COLUMN "kitchen" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "plans" ALTER COLUMN "kitchen" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "events" ALTER COLUMN "kitchen" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "writes" ALTER COLUMN "kitchen" SET NOT NULL;--> statement-breakpoint

-- Rows are numbered within their kitchen.
ALTER TABLE "people" DROP CONSTRAINT "people_pkey", ADD CONSTRAINT "people_kitchen_id_pk" PRIMARY KEY ("kitchen", "id"), ADD CONSTRAINT "people_kitchen_kitchens_id_fk" FOREIGN KEY ("kitchen") REFERENCES "public"."kitchens"("id");--> statement-breakpoint
ALTER TABLE "equipment" DROP CONSTRAINT "equipment_pkey", ADD CONSTRAINT "equipment_kitchen_id_pk" PRIMARY KEY ("kitchen", "id"), ADD CONSTRAINT "equipment_kitchen_kitchens_id_fk" FOREIGN KEY ("kitchen") REFERENCES "public"."kitchens"("id");--> statement-breakpoint
ALTER TABLE "ingredients" DROP CONSTRAINT "ingredients_pkey", ADD CONSTRAINT "ingredients_kitchen_id_pk" PRIMARY KEY ("kitchen", "id"), ADD CONSTRAINT "ingredients_kitchen_kitchens_id_fk" FOREIGN KEY ("kitchen") REFERENCES "public"."kitchens"("id");--> statement-breakpoint
ALTER TABLE "formulas" DROP CONSTRAINT "formulas_pkey", ADD CONSTRAINT "formulas_kitchen_id_pk" PRIMARY KEY ("kitchen", "id"), ADD CONSTRAINT "formulas_kitchen_kitchens_id_fk" FOREIGN KEY ("kitchen") REFERENCES "public"."kitchens"("id");--> statement-breakpoint
ALTER TABLE "formula_versions" DROP CONSTRAINT "formula_versions_formula_version_pk", ADD CONSTRAINT "formula_versions_kitchen_formula_version_pk" PRIMARY KEY ("kitchen", "formula", "version"), ADD CONSTRAINT "formula_versions_kitchen_kitchens_id_fk" FOREIGN KEY ("kitchen") REFERENCES "public"."kitchens"("id");--> statement-breakpoint
ALTER TABLE "builds" DROP CONSTRAINT "builds_pkey", ADD CONSTRAINT "builds_kitchen_id_pk" PRIMARY KEY ("kitchen", "id"), ADD CONSTRAINT "builds_kitchen_kitchens_id_fk" FOREIGN KEY ("kitchen") REFERENCES "public"."kitchens"("id");--> statement-breakpoint
ALTER TABLE "orders" ALTER COLUMN "id" DROP DEFAULT, DROP CONSTRAINT "orders_pkey", ADD CONSTRAINT "orders_kitchen_id_pk" PRIMARY KEY ("kitchen", "id"), ADD CONSTRAINT "orders_kitchen_kitchens_id_fk" FOREIGN KEY ("kitchen") REFERENCES "public"."kitchens"("id"), ADD CONSTRAINT "orders_kitchen_build_builds_kitchen_id_fk" FOREIGN KEY ("kitchen", "build") REFERENCES "public"."builds"("kitchen", "id");--> statement-breakpoint
ALTER TABLE "batches" ALTER COLUMN "id" DROP DEFAULT, DROP CONSTRAINT "batches_pkey", ADD CONSTRAINT "batches_kitchen_id_pk" PRIMARY KEY ("kitchen", "id"), ADD CONSTRAINT "batches_kitchen_kitchens_id_fk" FOREIGN KEY ("kitchen") REFERENCES "public"."kitchens"("id");--> statement-breakpoint
ALTER TABLE "ticks" DROP CONSTRAINT "ticks_pkey", ADD CONSTRAINT "ticks_kitchen_key_pk" PRIMARY KEY ("kitchen", "key"), ADD CONSTRAINT "ticks_kitchen_kitchens_id_fk" FOREIGN KEY ("kitchen") REFERENCES "public"."kitchens"("id");--> statement-breakpoint
ALTER TABLE "probe_series" ALTER COLUMN "id" DROP DEFAULT, DROP CONSTRAINT "probe_series_pkey", ADD CONSTRAINT "probe_series_kitchen_id_pk" PRIMARY KEY ("kitchen", "id"), ADD CONSTRAINT "probe_series_kitchen_kitchens_id_fk" FOREIGN KEY ("kitchen") REFERENCES "public"."kitchens"("id");--> statement-breakpoint
ALTER TABLE "plans" ALTER COLUMN "id" DROP DEFAULT, DROP CONSTRAINT "plans_pkey", ADD CONSTRAINT "plans_kitchen_id_pk" PRIMARY KEY ("kitchen", "id"), ADD CONSTRAINT "plans_kitchen_kitchens_id_fk" FOREIGN KEY ("kitchen") REFERENCES "public"."kitchens"("id");--> statement-breakpoint
ALTER TABLE "events" ALTER COLUMN "id" DROP DEFAULT, DROP CONSTRAINT "events_pkey", ADD CONSTRAINT "events_kitchen_id_pk" PRIMARY KEY ("kitchen", "id"), ADD CONSTRAINT "events_kitchen_kitchens_id_fk" FOREIGN KEY ("kitchen") REFERENCES "public"."kitchens"("id"), ADD CONSTRAINT "events_kitchen_order_id_orders_kitchen_id_fk" FOREIGN KEY ("kitchen", "order_id") REFERENCES "public"."orders"("kitchen", "id");--> statement-breakpoint
ALTER TABLE "writes" DROP CONSTRAINT "writes_pkey", ADD CONSTRAINT "writes_kitchen_key_pk" PRIMARY KEY ("kitchen", "key"), ADD CONSTRAINT "writes_kitchen_kitchens_id_fk" FOREIGN KEY ("kitchen") REFERENCES "public"."kitchens"("id");--> statement-breakpoint

DROP SEQUENCE IF EXISTS "orders_id_seq", "batches_id_seq", "probe_series_id_seq", "plans_id_seq", "events_id_seq";--> statement-breakpoint
CREATE UNIQUE INDEX "plans_previous" ON "plans" USING btree ("kitchen","previous");--> statement-breakpoint
CREATE INDEX "events_order" ON "events" USING btree ("kitchen","order_id");--> statement-breakpoint
CREATE INDEX "events_kind" ON "events" USING btree ("kitchen","kind");--> statement-breakpoint
CREATE INDEX "orders_state" ON "orders" USING btree ("kitchen","state","pickup");--> statement-breakpoint
CREATE INDEX "writes_at" ON "writes" USING btree ("at");
