CREATE TABLE `plans` (
	`id` text PRIMARY KEY NOT NULL,
	`group_name` text NOT NULL,
	`posture` text NOT NULL,
	`document` text NOT NULL,
	`updated_at` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `plan_of_group` ON `plans` (`group_name`,`posture`);--> statement-breakpoint
CREATE TABLE `postures` (
	`id` text PRIMARY KEY NOT NULL,
	`document` text NOT NULL,
	`updated_at` text NOT NULL
);
--> statement-breakpoint
ALTER TABLE `people` ADD `record` text NOT NULL DEFAULT '';--> statement-breakpoint
ALTER TABLE `people` ADD `revision` integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `people` ADD `updated_at` text NOT NULL DEFAULT '';--> statement-breakpoint
ALTER TABLE `people` ADD `deleted_at` text;--> statement-breakpoint
-- What was said of somebody becomes their record: each limit an entry of its own, by the instructor unless ordered.
UPDATE `people` SET `updated_at` = `created_at`, `record` = json_object(
	'format', 'nivrel.person/1', 'name', `name`, 'story', `story`, 'notes', '', 'groups', json('[]'),
	'body', json(`document`), 'measured', json('{}'),
	'limits', json(coalesce((
		SELECT json_group_array(json(`entry`)) FROM (
			SELECT json_object(
				'what', `key`, 'value', `value`, 'on', substr(`people`.`created_at`, 1, 10),
				'source', json_object('kind', CASE WHEN `key` LIKE 'hip%' AND json_extract(`document`, '$.limits.hipOrdered') THEN 'clinician' ELSE 'instructor' END)
			) AS `entry` FROM json_each(`document`, '$.limits') WHERE `type` IN ('integer', 'real') AND `key` IN (
				'kneeFlexionMaxDeg', 'kneeFlexionMinDeg', 'kneeRangeMaxDeg', 'hipFlexionMaxDeg', 'hipInwardMaxDeg', 'hipOutwardMaxDeg',
				'hipAdductionMaxDeg', 'hipAbductionMaxDeg', 'dorsiflexionMaxDeg', 'trunkTwistMaxDeg')
			UNION ALL
			SELECT json_object(
				'what', 'loadMaxPct', 'side', `key`, 'value', `value`, 'on', substr(`people`.`created_at`, 1, 10),
				'source', json_object('kind', 'instructor')
			) FROM json_each(`document`, '$.limits.loadMaxPct') WHERE `key` IN ('left', 'right') AND `value` < 100
		)
	), '[]')),
	'conditions', json('[]'), 'answers', json('[]'), 'tests', json('[]'), 'today', json('[]'), 'watch', json('[]'), 'complaints', json('[]')
);--> statement-breakpoint
ALTER TABLE `people` DROP COLUMN `story`;--> statement-breakpoint
ALTER TABLE `people` DROP COLUMN `document`;