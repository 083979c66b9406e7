CREATE TABLE "pictures" (
	"kitchen" text NOT NULL,
	"id" integer NOT NULL,
	"order_id" integer,
	"words" text DEFAULT '' NOT NULL,
	"type" text NOT NULL,
	"width" integer NOT NULL,
	"height" integer NOT NULL,
	"bytes" "bytea" NOT NULL,
	"added_at" timestamp with time zone NOT NULL,
	CONSTRAINT "pictures_kitchen_id_pk" PRIMARY KEY("kitchen","id")
);
--> statement-breakpoint
ALTER TABLE "orders" ADD COLUMN "details" jsonb;--> statement-breakpoint
ALTER TABLE "orders" ADD COLUMN "holds_until" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "orders" ADD COLUMN "together" integer;--> statement-breakpoint
ALTER TABLE "pictures" ADD CONSTRAINT "pictures_kitchen_kitchens_id_fk" FOREIGN KEY ("kitchen") REFERENCES "public"."kitchens"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "pictures" ADD CONSTRAINT "pictures_kitchen_order_id_orders_kitchen_id_fk" FOREIGN KEY ("kitchen","order_id") REFERENCES "public"."orders"("kitchen","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "pictures_order" ON "pictures" USING btree ("kitchen","order_id");