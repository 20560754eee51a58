CREATE TABLE `sites` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text DEFAULT '' NOT NULL,
	`house` text,
	`revision` integer DEFAULT 0 NOT NULL
);
--> statement-breakpoint
-- What the house set for itself belongs to its site.
INSERT INTO `sites` (`id`, `house`, `revision`) SELECT 'here', (SELECT `value` FROM `facts` WHERE `key` = 'house'), coalesce((SELECT `revision` FROM `facts` WHERE `key` = 'house'), 0);--> statement-breakpoint
DELETE FROM `facts` WHERE `key` = 'house';--> statement-breakpoint
CREATE TABLE `groups` (
	`id` text PRIMARY KEY NOT NULL,
	`site_id` text DEFAULT 'here' NOT NULL,
	`name` text NOT NULL,
	FOREIGN KEY (`site_id`) REFERENCES `sites`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `group_of_site` ON `groups` (`site_id`,`name`);--> statement-breakpoint
-- Every name that a record or a plan has is a group from now on. What is no JSON is left as it is.
INSERT INTO `groups` (`id`, `name`) SELECT lower(hex(randomblob(16))), `name` FROM (
	SELECT `named`.`value` AS `name` FROM `people`, json_each(CASE WHEN json_valid(`record`) THEN `record` ELSE '{}' END, '$.groups') AS `named` WHERE `named`.`type` = 'text'
	UNION SELECT `group_name` FROM `plans`
);--> statement-breakpoint
UPDATE `people` SET `record` = json_set(`record`, '$.groups', json((
	SELECT json_group_array(`id`) FROM (
		SELECT `groups`.`id` AS `id` FROM json_each(`people`.`record`, '$.groups') AS `named` JOIN `groups` ON `groups`.`name` = `named`.`value` ORDER BY `named`.`key`
	)
))) WHERE CASE WHEN json_valid(`record`) THEN json_type(`record`, '$.groups') END = 'array';--> statement-breakpoint
ALTER TABLE `people` ADD `site_id` text DEFAULT 'here' NOT NULL;--> statement-breakpoint
CREATE TABLE `plans_by_group` (
	`id` text PRIMARY KEY NOT NULL,
	`group_id` text NOT NULL,
	`posture` text NOT NULL,
	`document` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`updated_at` text NOT NULL,
	FOREIGN KEY (`group_id`) REFERENCES `groups`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
INSERT INTO `plans_by_group` (`id`, `group_id`, `posture`, `document`, `revision`, `updated_at`) SELECT `plans`.`id`, `groups`.`id`, `posture`, `document`, `revision`, `updated_at` FROM `plans` JOIN `groups` ON `groups`.`name` = `plans`.`group_name`;--> statement-breakpoint
DROP TABLE `plans`;--> statement-breakpoint
ALTER TABLE `plans_by_group` RENAME TO `plans`;--> statement-breakpoint
CREATE UNIQUE INDEX `plan_of_group` ON `plans` (`group_id`,`posture`);
