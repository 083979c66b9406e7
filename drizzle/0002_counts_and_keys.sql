CREATE TABLE "counts" (
	"kitchen" integer PRIMARY KEY NOT NULL,
	"all" integer DEFAULT 0 NOT NULL,
	"library" integer DEFAULT 0 NOT NULL
);
--> statement-breakpoint
CREATE TABLE "writes" (
	"key" text PRIMARY KEY NOT NULL,
	"door" text NOT NULL,
	"sent" text NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"answer" jsonb NOT NULL
);
--> statement-breakpoint
INSERT INTO "counts" ("kitchen") SELECT "id" FROM "kitchens";
