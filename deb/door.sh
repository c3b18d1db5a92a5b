# What whoever runs the machine may do at the door, as SQL on standard output: sourced by ./gradior and by the package's /usr/sbin/gradior.
hex() { od -An -tx1 | tr -d ' \n'; } # as figures: nothing of a name is read as SQL

login_is() { # login_is <login>: a condition on accounts
  printf "login = convert(x'%s' using utf8mb4) collate utf8mb4_unicode_ci" "$(printf '%s' "$1" | hex)"
}

new_word() { # new_word <word>: it, and no other, works once from now on
  printf "start transaction;\ndelete from signup_word;\ninsert into signup_word (word_hash, made_at) values ('%s', utc_timestamp(3));\ncommit;\n" \
    "$(printf '%s' "$1" | sha256sum | cut -d' ' -f1)"
}

new_password() { # new_password <login> <hash>: every session of that account ends, and its second step
  cat <<SQL
start transaction;
update account set password_hash = convert(x'$(printf '%s' "$2" | hex)' using utf8mb4) where $(login_is "$1");
delete from SPRING_SESSION where PRINCIPAL_NAME = convert(x'$(printf '%s' "$1" | hex)' using utf8mb4) collate utf8mb4_unicode_ci;
delete from second_step where account_id in (select id from account where $(login_is "$1"));
commit;
SQL
}

fresh_word() { # short words that can be read out, and figures: 47 bits
  local words=(amber barley basil birch briar cedar chive clove cocoa copper damson ember fennel fern ginger hazel honey juniper laurel lemon
    lovage maple mint myrtle nettle nutmeg olive onyx pear pepper plum quince rowan saffron sage sorrel tansy thyme violet willow)
  local i out=""
  for i in 1 2 3 4; do out="$out-${words[$(($(od -An -N4 -tu4 /dev/urandom) % ${#words[@]}))]}"; done
  for i in 1 2; do out="$out-$(($(od -An -N4 -tu4 /dev/urandom) % 9000 + 1000))"; done
  echo "${out#-}"
}
