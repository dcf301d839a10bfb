-- Lists of items are found by the index alone; the words were kept for looking them up without it.
drop table item_words;
