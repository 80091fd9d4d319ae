ALTER TABLE `follow_ups` ADD `by_id` text;--> statement-breakpoint
ALTER TABLE `repair_parts` ADD `ordered_at` text;--> statement-breakpoint
ALTER TABLE `repair_parts` ADD `arrived_at` text;--> statement-breakpoint
ALTER TABLE `repairs` ADD `asked_at` text;--> statement-breakpoint
ALTER TABLE `repairs` ADD `answered_at` text;--> statement-breakpoint
ALTER TABLE `repairs` ADD `answered_by_id` text;--> statement-breakpoint
ALTER TABLE `repairs` ADD `declined_means` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `cases` ADD `waits_since` text;--> statement-breakpoint
ALTER TABLE `cases` ADD `hand_id` text;--> statement-breakpoint
ALTER TABLE `cases` ADD `hand_note` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `cases` ADD `phone` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `cases` ADD `promised_at` text;--> statement-breakpoint
ALTER TABLE `cases` ADD `spending_limit` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `cases` ADD `to_customer` text DEFAULT '' NOT NULL;--> statement-breakpoint
CREATE INDEX `cases_order` ON `cases` (lower("order_number"));--> statement-breakpoint
CREATE INDEX `vehicles_plate` ON `vehicles` (lower(replace(replace(replace("plate", ' ', ''), '-', ''), '.', '')));--> statement-breakpoint
CREATE INDEX `vehicles_model` ON `vehicles` (lower("make"),lower("model"));