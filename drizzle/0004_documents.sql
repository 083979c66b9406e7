-- What was spread over columns becomes one versioned document; what carries no version yet is version 0.
ALTER TABLE "kitchens" ADD COLUMN "figures" jsonb;--> statement-breakpoint
UPDATE "kitchens" SET "figures" = jsonb_build_object('coefficients', "coefficients", 'choices', "choices");--> statement-breakpoint
ALTER TABLE "kitchens" ALTER COLUMN "figures" SET NOT NULL, DROP COLUMN "coefficients", DROP COLUMN "choices";--> statement-breakpoint

-- Kitchens that are there already have yet to be gone through by the program.
ALTER TABLE "kitchens" ADD COLUMN "upgrades" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "kitchens" ALTER COLUMN "upgrades" SET DEFAULT 1;--> statement-breakpoint

ALTER TABLE "orders" ADD COLUMN "answers" jsonb;--> statement-breakpoint
UPDATE "orders" SET "answers" = jsonb_build_object('tiers', "tiers", 'without', "without", 'swaps', "swaps", 'overrides', "overrides", 'choices', "choices", 'versions', "versions", 'avoid', "avoid");--> statement-breakpoint
ALTER TABLE "orders" ALTER COLUMN "answers" SET NOT NULL, DROP COLUMN "tiers", DROP COLUMN "without", DROP COLUMN "swaps", DROP COLUMN "overrides", DROP COLUMN "choices", DROP COLUMN "versions", DROP COLUMN "avoid";--> statement-breakpoint

ALTER TABLE "plans" ADD COLUMN "body" jsonb;--> statement-breakpoint
ALTER TABLE "plans" ADD COLUMN "difference" jsonb;--> statement-breakpoint
UPDATE "plans" SET "body" = jsonb_build_object('problem', "problem", 'plan', "plan", 'ready', "ready", 'stood', "stood");--> statement-breakpoint
ALTER TABLE "plans" DROP COLUMN "problem", DROP COLUMN "plan", DROP COLUMN "ready", DROP COLUMN "stood";--> statement-breakpoint

CREATE TABLE "compiled" (
	"kitchen" text NOT NULL,
	"owner" text NOT NULL,
	"body" jsonb NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"kept_at" timestamp with time zone NOT NULL,
	CONSTRAINT "compiled_kitchen_owner_pk" PRIMARY KEY("kitchen","owner"),
	CONSTRAINT "compiled_kitchen_kitchens_id_fk" FOREIGN KEY ("kitchen") REFERENCES "public"."kitchens"("id")
);
--> statement-breakpoint
CREATE TABLE "snapshots" (
	"kitchen" text NOT NULL,
	"of" text NOT NULL,
	"up_to" integer NOT NULL,
	"body" jsonb NOT NULL,
	CONSTRAINT "snapshots_kitchen_of_pk" PRIMARY KEY("kitchen","of"),
	CONSTRAINT "snapshots_kitchen_kitchens_id_fk" FOREIGN KEY ("kitchen") REFERENCES "public"."kitchens"("id")
);
--> statement-breakpoint
-- Whose step an event is about, to be found by.
ALTER TABLE "events" ADD COLUMN "owner" text;--> statement-breakpoint
UPDATE "events" SET "owner" = split_part("body" ->> 'step', '.', 1) WHERE "kind" IN ('start', 'finish', 'extend');--> statement-breakpoint
UPDATE "events" "back" SET "owner" = "told"."owner" FROM "events" "told" WHERE "back"."kind" = 'take back' AND "told"."kitchen" = "back"."kitchen" AND "told"."id" = ("back"."body" ->> 'event')::integer;--> statement-breakpoint
DROP INDEX "events_order";--> statement-breakpoint
DROP INDEX "events_kind";--> statement-breakpoint
CREATE INDEX "events_owner" ON "events" USING btree ("kitchen","owner","id");--> statement-breakpoint
CREATE INDEX "events_kind" ON "events" USING btree ("kitchen","kind","id");
