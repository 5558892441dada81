-- Whose tools they are, and who works at the bench.
create table crew (
    id      uuid primary key,
    name    varchar(80) not null unique
);

create table person (
    id      uuid primary key,
    name    varchar(80) not null unique
);

-- The kit: abrasives in the order of the shelf, guides, testers.
create table abrasive (
    id                   uuid primary key,
    name                 varchar(80)      not null,
    kind                 varchar(80)      not null,
    grit_standard        varchar(16)      not null,
    grit_name            varchar(20)      not null,
    maker_um             double precision,
    d50_um               double precision not null,
    grain_evidence       varchar(16)      not null,
    grain_class          varchar(8)       not null,
    shape                varchar(16)      not null,
    lubricant            varchar(24)      not null,
    flat                 boolean          not null,
    strokes_since_lapped double precision not null check (strokes_since_lapped >= 0),
    lappable             boolean          not null,
    soaks                boolean          not null,
    soaking_since        timestamptz,
    retired              boolean          not null,
    frozen               boolean          not null,
    shelf_order          integer          not null,
    version              bigint           not null
);

create table guide (
    id                 uuid primary key,
    name               varchar(80)      not null,
    roller_radius_mm   double precision not null check (roller_radius_mm > 0),
    axle_below_back_mm double precision not null check (axle_below_back_mm > 0),
    axle_setback_mm    double precision not null,
    note               varchar(500)     not null,
    version            bigint           not null
);

create table tester (
    id              uuid primary key,
    name            varchar(80)      not null,
    reference_g     double precision not null check (reference_g > 0),
    version         bigint           not null
);

create table tool (
    id                 uuid primary key,
    name               varchar(120)     not null,
    crew_id            uuid             not null references crew,
    trade              varchar(120)     not null,
    steel              varchar(60)      not null,
    width_mm           double precision not null check (width_mm > 0),
    thickness_mm       double precision not null check (thickness_mm > 0),
    usable_length_mm   double precision not null check (usable_length_mm > 0),
    retire_length_mm   double precision not null check (retire_length_mm >= 0),
    primary_deg        double precision not null,
    secondary_deg      double precision,
    secondary_width_mm double precision,
    skew_deg           double precision not null,
    scratch_um         double precision,
    note               varchar(4000)    not null,
    wanted_by          date,
    typed              jsonb            not null,
    taken_in_at        timestamptz      not null,
    version            bigint           not null
);

create table survey (
    id             uuid primary key,
    tool_id        uuid             not null references tool,
    taken_at       timestamptz      not null,
    person         varchar(80)      not null,
    dullness       varchar(16)      not null,
    strop_tried    boolean          not null,
    back_state     varchar(16)      not null,
    back_depth_mm  double precision not null,
    high_corner    varchar(8)       not null,
    square_off_deg double precision not null,
    square_mend    boolean          not null,
    findings       jsonb            not null,
    form           jsonb            not null,
    scope          varchar(20)      not null,
    lost_mm        double precision not null,
    volume_mm3     double precision not null
);
create index survey_of_tool on survey (tool_id, taken_at);

create table setup (
    id                    uuid primary key,
    tool_id               uuid             not null references tool,
    name                  varchar(80)      not null,
    trade                 varchar(120)     not null,
    primary_deg           double precision not null,
    last_deg              double precision not null,
    guide_id              uuid             not null references guide,
    projection_primary_mm double precision not null,
    projection_last_mm    double precision not null,
    typed                 jsonb            not null,
    made_at               timestamptz      not null,
    version               bigint           not null,
    unique (tool_id, name)
);

-- A plan is never changed once it was chosen: the log learns from what it predicted.
create table plan (
    id           uuid primary key,
    tool_id      uuid             not null references tool,
    survey_id    uuid             not null references survey,
    setup_id     uuid             not null references setup,
    made_at      timestamptz      not null,
    core_version varchar(20)      not null,
    grind_on     uuid references abrasive,
    volume_mm3   double precision not null,
    lost_mm      double precision not null,
    seconds      double precision not null,
    snapshot     jsonb            not null,
    steps        jsonb            not null
);
create index plan_of_tool on plan (tool_id, made_at);

create table bench_session (
    id            uuid primary key,
    tool_id       uuid        not null references tool,
    plan_id       uuid        not null references plan,
    started_at    timestamptz not null,
    holder_device varchar(64) not null,
    holder_person varchar(80) not null,
    held_before   jsonb       not null,
    steps         jsonb       not null,
    rounds        integer     not null,
    finished_at   timestamptz,
    version       bigint      not null
);
create unique index one_open_session on bench_session (tool_id) where finished_at is null;

-- What happened at the bench, only ever added to.
create table bench_event (
    position    bigint generated always as identity primary key,
    id          uuid        not null unique,
    session_id  uuid        not null references bench_session,
    device      varchar(64) not null,
    person      varchar(80) not null,
    sequence    bigint      not null,
    at          timestamptz not null,
    received_at timestamptz not null,
    kind        varchar(16) not null,
    step        integer     not null,
    side        varchar(8),
    amount      integer     not null,
    note        varchar(500) not null,
    displaced   boolean     not null
);
create index event_of_session on bench_event (session_id, position);

create table edge_test (
    id           uuid primary key,
    session_id   uuid             not null references bench_session,
    tool_id      uuid             not null references tool,
    taken_at     timestamptz      not null,
    person       varchar(80)      not null,
    reference_g  double precision not null,
    readings     jsonb            not null,
    light        jsonb            not null,
    verdict      jsonb            not null,
    keen         boolean          not null,
    remedied     boolean          not null
);
create index test_of_tool on edge_test (tool_id, taken_at);

-- What a finished session took off the tool.
create table wear (
    id                 uuid primary key,
    tool_id            uuid             not null references tool,
    session_id         uuid             not null unique references bench_session,
    at                 timestamptz      not null,
    usable_before_mm   double precision not null,
    usable_after_mm    double precision not null,
    secondary_width_mm double precision not null
);
create index wear_of_tool on wear (tool_id, at);
