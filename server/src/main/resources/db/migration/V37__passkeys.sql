-- Passkeys (Web Authentication, level 3): keys that people's devices hold, by the ids the devices gave them.
create table passkey (
  id varchar(1400) primary key,
  account_id bigint not null references account (id),
  name varchar(100) not null,
  public_key varchar(4000) not null,
  attestation text not null,
  sign_count bigint not null,
  transports varchar(200) not null,
  backup_eligible boolean not null,
  backup_state boolean not null,
  made_at timestamp(6) with time zone not null,
  used_at timestamp(6) with time zone
);
create index passkey_account on passkey (account_id);

-- What devices were asked to sign, by its hash; each can be answered once.
create table passkey_challenge (
  hash varchar(64) primary key,
  account_id bigint,
  ends_at timestamp(6) with time zone not null
);
