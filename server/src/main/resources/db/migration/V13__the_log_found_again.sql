-- Data definition does not roll back: whatever ends half way through this file, all of it can run again.
-- What the log is searched and sorted by, out of the rows themselves.
alter table bake
  add column if not exists fish varchar(60) as (left(coalesce(json_value(question_json, '$.piece.ownName'), json_value(question_json, '$.piece.species')), 60)) persistent,
  add column if not exists dress varchar(20) as (left(json_value(question_json, '$.dress.kind'), 20)) persistent,
  add column if not exists off_min double as (abs(timestampdiff(microsecond, started_at, out_at) / 6e7 - likely_min)) persistent;
-- The picture once more, as small as a line of the log shows it; made when it is first asked for.
alter table photo add column if not exists small longblob;
