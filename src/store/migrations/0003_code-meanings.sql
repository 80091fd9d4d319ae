CREATE TABLE `code_meanings` (
	`code` text PRIMARY KEY NOT NULL,
	`says` text NOT NULL
);
