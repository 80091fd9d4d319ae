ALTER TABLE `known_good` DROP COLUMN `case_id`;--> statement-breakpoint
ALTER TABLE `known_good` DROP COLUMN `test_id`;