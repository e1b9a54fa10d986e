CREATE TABLE `saying_offer` (
	`id` text PRIMARY KEY NOT NULL,
	`group_id` text NOT NULL,
	`student_id` text,
	`target` text NOT NULL,
	`words` text NOT NULL,
	`state` text NOT NULL,
	`reply` text DEFAULT '' NOT NULL,
	`hands` integer,
	`at` integer NOT NULL,
	FOREIGN KEY (`group_id`) REFERENCES `group`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`student_id`) REFERENCES `student`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `saying_offer_group` ON `saying_offer` (`group_id`);--> statement-breakpoint
CREATE TABLE `saying_use` (
	`id` text PRIMARY KEY NOT NULL,
	`group_id` text NOT NULL,
	`student_id` text,
	`target` text NOT NULL,
	`words` text NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`group_id`) REFERENCES `group`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`student_id`) REFERENCES `student`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `saying_use_group` ON `saying_use` (`group_id`);--> statement-breakpoint
ALTER TABLE `group` ADD `string_sayings` text DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE `student` ADD `sayings` text DEFAULT '{}' NOT NULL;