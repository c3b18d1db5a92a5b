-- Passkeys, in the tables that Spring Security's repositories read; names and keys are ASCII.
create table user_entities (
  id varchar(1000) character set ascii collate ascii_bin not null primary key,
  name varchar(100) not null,
  display_name varchar(200),
  unique key user_entities_name (name)
);

create table user_credentials (
  credential_id varchar(1000) character set ascii collate ascii_bin not null primary key,
  user_entity_user_id varchar(1000) character set ascii collate ascii_bin not null,
  public_key blob not null,
  signature_count bigint,
  uv_initialized boolean,
  backup_eligible boolean not null,
  authenticator_transports varchar(1000),
  public_key_credential_type varchar(100),
  backup_state boolean not null,
  attestation_object blob,
  attestation_client_data_json blob,
  created datetime(3),
  last_used datetime(3),
  label varchar(1000) not null,
  key user_credentials_user (user_entity_user_id)
);

-- What a key has to sign; each once.
create table passkey_challenge (
  hash char(64) not null primary key,
  ends_at datetime(3) not null,
  key passkey_challenge_ends (ends_at)
);
