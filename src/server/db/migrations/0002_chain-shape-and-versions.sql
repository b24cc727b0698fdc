CREATE TABLE "chain_versions" (
	"id" uuid PRIMARY KEY NOT NULL,
	"chain_id" uuid NOT NULL,
	"title" text NOT NULL,
	"words" jsonb NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "chains" ADD COLUMN "shape" jsonb;--> statement-breakpoint
ALTER TABLE "chain_versions" ADD CONSTRAINT "chain_versions_chain_id_chains_id_fk" FOREIGN KEY ("chain_id") REFERENCES "public"."chains"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "versions_by_chain" ON "chain_versions" USING btree ("chain_id","created_at");