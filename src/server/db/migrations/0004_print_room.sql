CREATE TABLE `sheet_hand` (
	`sheet_code` text NOT NULL,
	`student_id` text NOT NULL,
	`given_at` integer,
	`back_at` integer,
	PRIMARY KEY(`sheet_code`, `student_id`),
	FOREIGN KEY (`sheet_code`) REFERENCES `sheet`(`code`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`student_id`) REFERENCES `student`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `sheet_preset` (
	`id` text PRIMARY KEY NOT NULL,
	`teacher_id` text NOT NULL,
	`name` text NOT NULL,
	`preset` text NOT NULL,
	FOREIGN KEY (`teacher_id`) REFERENCES `user`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `sheet_preset_name` ON `sheet_preset` (`teacher_id`,`name`);