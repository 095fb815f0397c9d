-- A file says whose it is, so that no other program's database is ever taken for one of ours: "JEnf" in ASCII.

PRAGMA application_id = 1246064230;
