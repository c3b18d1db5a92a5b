-- stageDone names the stage that ends by its place; before, the field took any text and meant nothing.
update batch_event set body = '{}' where type = 'stageDone';
