CREATE TABLE `own_method` (
	`id` text PRIMARY KEY NOT NULL,
	`teacher_id` text NOT NULL,
	`name` text NOT NULL,
	`method` text NOT NULL,
	`settings` text NOT NULL,
	FOREIGN KEY (`teacher_id`) REFERENCES `user`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `own_method_name` ON `own_method` (`teacher_id`,`name`);--> statement-breakpoint
ALTER TABLE `group` ADD `method_name` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `group` ADD `method_settings` text DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE `group` ADD `hint_fade` text DEFAULT 'sentence' NOT NULL;