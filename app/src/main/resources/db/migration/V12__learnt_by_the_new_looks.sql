-- A look is a temperature or how hard it boils now, and loses more water than it was taken to: 8.9, 13.5, 16.6, 20 and 35 kg/(m²·h) of open
-- water for 2.5, 4, 8, 15 and 32. What a water test weighed stays; what it says of its pair is reckoned anew.
update water_test
set pair_factor = greatest(0.05, pair_factor * case look
    when 'steaming' then 2.5 / 8.9
    when 'bare' then 4 / 13.5
    when 'gentle' then 8 / 16.6
    when 'lively' then 15 / 20
    when 'rolling' then 32 / 35
    else 1 end)
where pair_factor is not null;
-- What finished batches taught is worked out anew at the start, as of batches without a summary.
update batch set words = '' where state = 'FINISHED';
