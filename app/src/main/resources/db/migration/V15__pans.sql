-- Pans that are not round, and pans across two burners; what is absent is round and stands on one. Of a long pan the diameters are its lengths.
alter table pot
    add column outline varchar(12) null,
    add column top_width_mm double null,
    add column base_width_mm double null,
    add column burners int null;
