-- Jobs that came with a number of their own (a demo, an archive, a set's file) may lie above the counter.
SELECT setval(pg_get_serial_sequence('visit', 'job'), greatest(
  (SELECT coalesce(max(job), 1000) FROM visit WHERE shop = ''), (SELECT last_value FROM visit_job_seq)));
