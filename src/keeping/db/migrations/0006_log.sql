CREATE TABLE `decisions` (
	`person_id` text NOT NULL,
	`day` text NOT NULL,
	`document` text NOT NULL,
	`updated_at` text NOT NULL,
	FOREIGN KEY (`person_id`) REFERENCES `people`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `decision_of_day` ON `decisions` (`person_id`,`day`);--> statement-breakpoint
CREATE TABLE `lessons` (
	`id` text PRIMARY KEY NOT NULL,
	`group_id` text NOT NULL,
	`day` text NOT NULL,
	`document` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`updated_at` text NOT NULL,
	FOREIGN KEY (`group_id`) REFERENCES `groups`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `lesson_of_day` ON `lessons` (`group_id`,`day`);--> statement-breakpoint
CREATE TABLE `log` (
	`person_id` text NOT NULL,
	`day` text NOT NULL,
	`group_id` text NOT NULL,
	`piece` text DEFAULT '' NOT NULL,
	`title` text DEFAULT '' NOT NULL,
	`body` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`updated_at` text NOT NULL,
	FOREIGN KEY (`person_id`) REFERENCES `people`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `log_row` ON `log` (`person_id`,`day`,`group_id`,`piece`);--> statement-breakpoint
CREATE INDEX `log_by_day` ON `log` (`group_id`,`day`);