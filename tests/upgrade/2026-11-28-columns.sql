--
-- PostgreSQL database dump
--

\restrict lGoJMKxYXajHm27wCdFHojibBYBbEo6OdKbgqjptowv7Ga0eIcYjq6lbyDg5ebE

-- Dumped from database version 15.18 (Debian 15.18-0+deb12u1)
-- Dumped by pg_dump version 15.18 (Debian 15.18-0+deb12u1)

SET statement_timeout = 0;
SET lock_timeout = 0;
SET idle_in_transaction_session_timeout = 0;
SET client_encoding = 'UTF8';
SET standard_conforming_strings = on;
SELECT pg_catalog.set_config('search_path', '', false);
SET check_function_bodies = false;
SET xmloption = content;
SET client_min_messages = warning;
SET row_security = off;

SET default_tablespace = '';

SET default_table_access_method = heap;

--
-- Name: imports; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.imports (
    id bigint NOT NULL,
    user_id bigint NOT NULL,
    is_preview boolean NOT NULL,
    state character varying(10) NOT NULL,
    document text,
    done integer DEFAULT 0 NOT NULL,
    total integer DEFAULT 0 NOT NULL,
    outcome jsonb,
    created_at timestamp(0) with time zone,
    updated_at timestamp(0) with time zone,
    CONSTRAINT imports_state CHECK (((state)::text = ANY ((ARRAY['waiting'::character varying, 'running'::character varying, 'taken'::character varying, 'refused'::character varying])::text[])))
);


--
-- Name: imports_id_seq; Type: SEQUENCE; Schema: public; Owner: -
--

CREATE SEQUENCE public.imports_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;


--
-- Name: imports_id_seq; Type: SEQUENCE OWNED BY; Schema: public; Owner: -
--

ALTER SEQUENCE public.imports_id_seq OWNED BY public.imports.id;


--
-- Name: jobs; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.jobs (
    id bigint NOT NULL,
    queue character varying(255) NOT NULL,
    payload text NOT NULL,
    attempts smallint NOT NULL,
    reserved_at integer,
    available_at integer NOT NULL,
    created_at integer NOT NULL
);


--
-- Name: jobs_id_seq; Type: SEQUENCE; Schema: public; Owner: -
--

CREATE SEQUENCE public.jobs_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;


--
-- Name: jobs_id_seq; Type: SEQUENCE OWNED BY; Schema: public; Owner: -
--

ALTER SEQUENCE public.jobs_id_seq OWNED BY public.jobs.id;


--
-- Name: migrations; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.migrations (
    id integer NOT NULL,
    migration character varying(255) NOT NULL,
    batch integer NOT NULL
);


--
-- Name: migrations_id_seq; Type: SEQUENCE; Schema: public; Owner: -
--

CREATE SEQUENCE public.migrations_id_seq
    AS integer
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;


--
-- Name: migrations_id_seq; Type: SEQUENCE OWNED BY; Schema: public; Owner: -
--

ALTER SEQUENCE public.migrations_id_seq OWNED BY public.migrations.id;


--
-- Name: moment_steps; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.moment_steps (
    id bigint NOT NULL,
    moment_id bigint NOT NULL,
    moment jsonb NOT NULL,
    room jsonb NOT NULL,
    undone boolean DEFAULT false NOT NULL,
    created_at timestamp(0) with time zone DEFAULT CURRENT_TIMESTAMP NOT NULL
);


--
-- Name: moment_steps_id_seq; Type: SEQUENCE; Schema: public; Owner: -
--

CREATE SEQUENCE public.moment_steps_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;


--
-- Name: moment_steps_id_seq; Type: SEQUENCE OWNED BY; Schema: public; Owner: -
--

ALTER SEQUENCE public.moment_steps_id_seq OWNED BY public.moment_steps.id;


--
-- Name: moments; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.moments (
    id bigint NOT NULL,
    night_id bigint NOT NULL,
    room_id bigint NOT NULL,
    body_id bigint NOT NULL,
    lens_id bigint NOT NULL,
    flash_id bigint NOT NULL,
    name character varying(80) NOT NULL,
    starts_at time(0) without time zone NOT NULL,
    focal_mm double precision NOT NULL,
    from_back_wall_m double precision NOT NULL,
    camera_height_m double precision NOT NULL,
    subject_distance_m double precision NOT NULL,
    subject_height_m double precision NOT NULL,
    glow_ev double precision,
    metered_tv smallint,
    metered_av smallint,
    metered_sv smallint,
    room_under_stops double precision NOT NULL,
    working_av smallint NOT NULL,
    head_aim character varying(20),
    created_at timestamp(0) with time zone,
    updated_at timestamp(0) with time zone,
    units smallint DEFAULT '1'::smallint NOT NULL,
    modifier_id bigint,
    gel_id bigint,
    uid uuid DEFAULT gen_random_uuid() NOT NULL,
    minutes smallint DEFAULT '30'::smallint NOT NULL,
    plan jsonb DEFAULT '{}'::jsonb NOT NULL,
    glow_from_curve boolean DEFAULT false NOT NULL,
    answer jsonb,
    kit jsonb,
    revision integer DEFAULT 0 NOT NULL,
    lock_tv smallint,
    lock_av smallint,
    lock_sv smallint,
    school character varying(20) DEFAULT 'shutter-first'::character varying NOT NULL,
    kept_thing character varying(20),
    kept_ev double precision,
    fill_stops double precision DEFAULT '2'::double precision NOT NULL,
    nd_stops double precision DEFAULT '0'::double precision NOT NULL,
    high_speed boolean DEFAULT false NOT NULL,
    head_turn double precision,
    head_tilt double precision,
    head_zoom double precision,
    dialled_body double precision DEFAULT '0'::double precision NOT NULL,
    dialled_exposure double precision DEFAULT '0'::double precision NOT NULL,
    pins jsonb DEFAULT '[]'::jsonb NOT NULL,
    kept_tv smallint,
    kept_av smallint,
    kept_sv smallint,
    CONSTRAINT moments_camera_height CHECK (((camera_height_m >= (0.2)::double precision) AND (camera_height_m <= (10)::double precision))),
    CONSTRAINT moments_dialled CHECK ((((dialled_body >= ('-3'::integer)::double precision) AND (dialled_body <= (3)::double precision)) AND ((dialled_exposure >= ('-3'::integer)::double precision) AND (dialled_exposure <= (3)::double precision)))),
    CONSTRAINT moments_fill CHECK (((fill_stops >= (0)::double precision) AND (fill_stops <= (3)::double precision))),
    CONSTRAINT moments_focal CHECK (((focal_mm >= (8)::double precision) AND (focal_mm <= (600)::double precision))),
    CONSTRAINT moments_from_back_wall CHECK (((from_back_wall_m >= (0.1)::double precision) AND (from_back_wall_m <= (199)::double precision))),
    CONSTRAINT moments_glow_once CHECK (((num_nulls(metered_tv, metered_av, metered_sv) = ANY (ARRAY[0, 3])) AND ((glow_ev IS NULL) OR ((glow_ev >= ('-6'::integer)::double precision) AND (glow_ev <= (18)::double precision))) AND (((((glow_ev IS NOT NULL))::integer + ((metered_tv IS NOT NULL))::integer) + (glow_from_curve)::integer) = 1))),
    CONSTRAINT moments_head_by_hand CHECK (((((COALESCE(head_aim, ''::character varying))::text = 'by-hand'::text) = (head_turn IS NOT NULL)) AND ((head_turn IS NULL) = (head_tilt IS NULL)) AND ((head_turn >= ('-180'::integer)::double precision) AND (head_turn <= (180)::double precision)) AND ((head_tilt >= ('-15'::integer)::double precision) AND (head_tilt <= (90)::double precision)))),
    CONSTRAINT moments_head_zoom CHECK (((head_zoom >= (8)::double precision) AND (head_zoom <= (300)::double precision))),
    CONSTRAINT moments_kept CHECK ((((kept_ev >= ('-6'::integer)::double precision) AND (kept_ev <= (18)::double precision)) AND (num_nulls(kept_tv, kept_av, kept_sv) = ANY (ARRAY[0, 3])) AND ((((kept_ev IS NOT NULL))::integer + ((kept_tv IS NOT NULL))::integer) = ((kept_thing IS NOT NULL))::integer))),
    CONSTRAINT moments_minutes CHECK (((minutes >= 1) AND (minutes <= 720))),
    CONSTRAINT moments_nd CHECK (((nd_stops >= (0)::double precision) AND (nd_stops <= (10)::double precision))),
    CONSTRAINT moments_pins CHECK (((jsonb_typeof(pins) = 'array'::text) AND (jsonb_array_length(pins) <= 3))),
    CONSTRAINT moments_plan CHECK ((jsonb_typeof(plan) = 'object'::text)),
    CONSTRAINT moments_room_under CHECK (((room_under_stops >= ('-1'::integer)::double precision) AND (room_under_stops <= (6)::double precision))),
    CONSTRAINT moments_subject_distance CHECK (((subject_distance_m >= (0.4)::double precision) AND (subject_distance_m <= (100)::double precision))),
    CONSTRAINT moments_subject_height CHECK (((subject_height_m >= (0.2)::double precision) AND (subject_height_m <= (10)::double precision))),
    CONSTRAINT moments_units CHECK (((units >= 1) AND (units <= 4))),
    CONSTRAINT moments_working_aperture CHECK (((working_av >= 0) AND (working_av <= 300)))
);


--
-- Name: moments_id_seq; Type: SEQUENCE; Schema: public; Owner: -
--

CREATE SEQUENCE public.moments_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;


--
-- Name: moments_id_seq; Type: SEQUENCE OWNED BY; Schema: public; Owner: -
--

ALTER SEQUENCE public.moments_id_seq OWNED BY public.moments.id;


--
-- Name: nights; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.nights (
    id bigint NOT NULL,
    user_id bigint NOT NULL,
    name character varying(80) NOT NULL,
    held_on date NOT NULL,
    created_at timestamp(0) with time zone,
    updated_at timestamp(0) with time zone,
    uid uuid DEFAULT gen_random_uuid() NOT NULL,
    venue_id bigint NOT NULL
);


--
-- Name: nights_id_seq; Type: SEQUENCE; Schema: public; Owner: -
--

CREATE SEQUENCE public.nights_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;


--
-- Name: nights_id_seq; Type: SEQUENCE OWNED BY; Schema: public; Owner: -
--

ALTER SEQUENCE public.nights_id_seq OWNED BY public.nights.id;


--
-- Name: password_reset_tokens; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.password_reset_tokens (
    email character varying(190) NOT NULL,
    token character varying(255) NOT NULL,
    created_at timestamp(0) with time zone
);


--
-- Name: pieces; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.pieces (
    id bigint NOT NULL,
    user_id bigint NOT NULL,
    uid uuid NOT NULL,
    kind character varying(10) NOT NULL,
    data jsonb NOT NULL,
    before jsonb,
    archived_at timestamp(0) with time zone,
    created_at timestamp(0) with time zone,
    updated_at timestamp(0) with time zone,
    name character varying(80) GENERATED ALWAYS AS ((data ->> 'name'::text)) STORED NOT NULL,
    CONSTRAINT pieces_data CHECK (((jsonb_typeof(data) = 'object'::text) AND ((before IS NULL) OR (jsonb_typeof(before) = 'object'::text)))),
    CONSTRAINT pieces_kind CHECK (((kind)::text = ANY ((ARRAY['body'::character varying, 'lens'::character varying, 'flash'::character varying, 'modifier'::character varying, 'gel'::character varying, 'battery'::character varying])::text[])))
);


--
-- Name: pieces_id_seq; Type: SEQUENCE; Schema: public; Owner: -
--

CREATE SEQUENCE public.pieces_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;


--
-- Name: pieces_id_seq; Type: SEQUENCE OWNED BY; Schema: public; Owner: -
--

ALTER SEQUENCE public.pieces_id_seq OWNED BY public.pieces.id;


--
-- Name: rooms; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.rooms (
    id bigint NOT NULL,
    user_id bigint NOT NULL,
    name character varying(80) NOT NULL,
    length_m double precision NOT NULL,
    width_m double precision NOT NULL,
    height_m double precision NOT NULL,
    ceiling_finish character varying(30) NOT NULL,
    floor_finish character varying(30) NOT NULL,
    back_finish character varying(30) NOT NULL,
    far_finish character varying(30) NOT NULL,
    right_finish character varying(30) NOT NULL,
    left_finish character varying(30) NOT NULL,
    created_at timestamp(0) with time zone,
    updated_at timestamp(0) with time zone,
    ridge_m double precision,
    ridge_runs character varying(10),
    uid uuid DEFAULT gen_random_uuid() NOT NULL,
    venue_id bigint NOT NULL,
    windows jsonb DEFAULT '[]'::jsonb NOT NULL,
    lamps jsonb DEFAULT '[]'::jsonb NOT NULL,
    readings jsonb DEFAULT '[]'::jsonb NOT NULL,
    revision integer DEFAULT 0 NOT NULL,
    CONSTRAINT rooms_height CHECK (((height_m >= (2)::double precision) AND (height_m <= (40)::double precision))),
    CONSTRAINT rooms_length CHECK (((length_m >= (2)::double precision) AND (length_m <= (200)::double precision))),
    CONSTRAINT rooms_lists CHECK (((jsonb_typeof(windows) = 'array'::text) AND (jsonb_typeof(lamps) = 'array'::text) AND (jsonb_typeof(readings) = 'array'::text))),
    CONSTRAINT rooms_ridge CHECK (((num_nulls(ridge_m, ridge_runs) = 2) OR ((num_nulls(ridge_m, ridge_runs) = 0) AND (ridge_m > height_m) AND (ridge_m <= (40)::double precision)))),
    CONSTRAINT rooms_width CHECK (((width_m >= (2)::double precision) AND (width_m <= (200)::double precision)))
);


--
-- Name: rooms_id_seq; Type: SEQUENCE; Schema: public; Owner: -
--

CREATE SEQUENCE public.rooms_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;


--
-- Name: rooms_id_seq; Type: SEQUENCE OWNED BY; Schema: public; Owner: -
--

ALTER SEQUENCE public.rooms_id_seq OWNED BY public.rooms.id;


--
-- Name: sessions; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.sessions (
    id character varying(255) NOT NULL,
    user_id bigint,
    ip_address character varying(45),
    user_agent text,
    payload text NOT NULL,
    last_activity integer NOT NULL
);


--
-- Name: tries; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.tries (
    key character(64) NOT NULL,
    count integer NOT NULL,
    last_at timestamp(6) with time zone NOT NULL,
    free_at timestamp(6) with time zone NOT NULL
);


--
-- Name: users; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.users (
    id bigint NOT NULL,
    name character varying(80) NOT NULL,
    email character varying(190) NOT NULL,
    password character varying(255) NOT NULL,
    remember_token character varying(100),
    created_at timestamp(0) with time zone,
    updated_at timestamp(0) with time zone,
    confirmed_at timestamp(0) with time zone
);


--
-- Name: users_id_seq; Type: SEQUENCE; Schema: public; Owner: -
--

CREATE SEQUENCE public.users_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;


--
-- Name: users_id_seq; Type: SEQUENCE OWNED BY; Schema: public; Owner: -
--

ALTER SEQUENCE public.users_id_seq OWNED BY public.users.id;


--
-- Name: venues; Type: TABLE; Schema: public; Owner: -
--

CREATE TABLE public.venues (
    id bigint NOT NULL,
    user_id bigint NOT NULL,
    uid uuid NOT NULL,
    name character varying(120) NOT NULL,
    zone character varying(60) NOT NULL,
    latitude double precision NOT NULL,
    longitude double precision NOT NULL,
    rules jsonb DEFAULT '[]'::jsonb NOT NULL,
    created_at timestamp(0) with time zone,
    updated_at timestamp(0) with time zone,
    mains character varying(10) DEFAULT 'hz50'::character varying NOT NULL,
    CONSTRAINT venues_latitude CHECK (((latitude >= ('-90'::integer)::double precision) AND (latitude <= (90)::double precision))),
    CONSTRAINT venues_longitude CHECK (((longitude >= ('-180'::integer)::double precision) AND (longitude <= (180)::double precision))),
    CONSTRAINT venues_rules CHECK ((jsonb_typeof(rules) = 'array'::text))
);


--
-- Name: venues_id_seq; Type: SEQUENCE; Schema: public; Owner: -
--

CREATE SEQUENCE public.venues_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;


--
-- Name: venues_id_seq; Type: SEQUENCE OWNED BY; Schema: public; Owner: -
--

ALTER SEQUENCE public.venues_id_seq OWNED BY public.venues.id;


--
-- Name: imports id; Type: DEFAULT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.imports ALTER COLUMN id SET DEFAULT nextval('public.imports_id_seq'::regclass);


--
-- Name: jobs id; Type: DEFAULT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.jobs ALTER COLUMN id SET DEFAULT nextval('public.jobs_id_seq'::regclass);


--
-- Name: migrations id; Type: DEFAULT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.migrations ALTER COLUMN id SET DEFAULT nextval('public.migrations_id_seq'::regclass);


--
-- Name: moment_steps id; Type: DEFAULT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.moment_steps ALTER COLUMN id SET DEFAULT nextval('public.moment_steps_id_seq'::regclass);


--
-- Name: moments id; Type: DEFAULT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.moments ALTER COLUMN id SET DEFAULT nextval('public.moments_id_seq'::regclass);


--
-- Name: nights id; Type: DEFAULT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.nights ALTER COLUMN id SET DEFAULT nextval('public.nights_id_seq'::regclass);


--
-- Name: pieces id; Type: DEFAULT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.pieces ALTER COLUMN id SET DEFAULT nextval('public.pieces_id_seq'::regclass);


--
-- Name: rooms id; Type: DEFAULT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.rooms ALTER COLUMN id SET DEFAULT nextval('public.rooms_id_seq'::regclass);


--
-- Name: users id; Type: DEFAULT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.users ALTER COLUMN id SET DEFAULT nextval('public.users_id_seq'::regclass);


--
-- Name: venues id; Type: DEFAULT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.venues ALTER COLUMN id SET DEFAULT nextval('public.venues_id_seq'::regclass);


--
-- Data for Name: imports; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: jobs; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: migrations; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.migrations VALUES
	(1, '2026_11_25_000001_create_accounts', 1),
	(2, '2026_11_25_000002_create_gear', 1),
	(3, '2026_11_25_000003_create_nights', 1),
	(4, '2026_11_26_000001_add_roofs_and_units', 1),
	(5, '2026_11_26_000002_create_pieces', 1),
	(6, '2026_11_26_000003_create_venues', 1),
	(7, '2026_11_26_000004_add_steps', 1),
	(8, '2026_11_26_000005_add_looks', 1),
	(9, '2026_11_27_000001_tell_kept_light_as_metered', 1),
	(10, '2026_11_28_000001_guard_accounts', 1),
	(11, '2026_11_28_000002_queue_imports', 1);


--
-- Data for Name: moment_steps; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.moment_steps VALUES
	(1, 5, '{"subject_height_m": "1.25", "subject_distance_m": "3"}', '[]', false, '2026-11-28 10:16:43+00'),
	(2, 5, '{"school": "shutter-first", "lock_tv": null, "fill_stops": "2"}', '[]', false, '2026-11-28 10:16:43+00'),
	(3, 5, '{"kept_av": null, "kept_sv": null, "kept_tv": null, "kept_thing": null}', '[]', false, '2026-11-28 10:16:44+00'),
	(4, 5, '{"head_aim": null, "head_tilt": null, "head_turn": null, "head_zoom": null}', '[]', false, '2026-11-28 10:16:44+00'),
	(5, 5, '{"units": 1, "dialled_body": "0", "dialled_exposure": "0"}', '[]', false, '2026-11-28 10:16:44+00'),
	(7, 5, '{"glow_ev": "3.3", "kept_av": null, "kept_ev": "8.5", "kept_sv": null, "kept_tv": null, "kept_thing": "window", "metered_av": null, "metered_sv": null, "metered_tv": null}', '[]', true, '2026-11-28 10:16:44+00'),
	(6, 5, '{"nd_stops": "2"}', '{"height_m": "3.35"}', true, '2026-11-28 10:16:44+00'),
	(8, 9, '{"subject_height_m": "1.6", "subject_distance_m": "3"}', '[]', false, '2026-11-28 10:16:45+00'),
	(9, 9, '{"metered_av": null, "metered_sv": null, "metered_tv": null, "glow_from_curve": true}', '[]', false, '2026-11-28 10:16:45+00'),
	(10, 9, '{"school": "shutter-first", "lock_tv": null, "fill_stops": "2"}', '[]', false, '2026-11-28 10:16:45+00'),
	(11, 9, '{"kept_av": null, "kept_sv": null, "kept_tv": null, "kept_thing": null}', '[]', false, '2026-11-28 10:16:45+00'),
	(12, 9, '{"head_aim": null, "head_tilt": null, "head_turn": null, "head_zoom": null}', '[]', false, '2026-11-28 10:16:45+00'),
	(13, 9, '{"units": 1, "dialled_body": "0", "dialled_exposure": "0"}', '[]', false, '2026-11-28 10:16:45+00'),
	(15, 9, '{"glow_ev": "3.3", "kept_av": null, "kept_ev": "8.5", "kept_sv": null, "kept_tv": null, "kept_thing": "window", "metered_av": null, "metered_sv": null, "metered_tv": null}', '[]', true, '2026-11-28 10:16:45+00'),
	(14, 9, '{"nd_stops": "2"}', '{"height_m": "12.25"}', true, '2026-11-28 10:16:45+00'),
	(16, 18, '{"subject_distance_m": "3"}', '[]', false, '2026-11-28 10:16:45+00'),
	(17, 18, '{"metered_av": null, "metered_sv": null, "metered_tv": null, "glow_from_curve": true}', '[]', false, '2026-11-28 10:16:45+00'),
	(18, 18, '{"school": "shutter-first", "lock_tv": null, "fill_stops": "2"}', '[]', false, '2026-11-28 10:16:46+00'),
	(19, 18, '{"kept_av": null, "kept_sv": null, "kept_tv": null, "kept_thing": null}', '[]', false, '2026-11-28 10:16:46+00'),
	(20, 18, '{"head_aim": null, "head_tilt": null, "head_turn": null, "head_zoom": null}', '[]', false, '2026-11-28 10:16:46+00'),
	(21, 18, '{"units": 1, "dialled_body": "0", "dialled_exposure": "0"}', '[]', false, '2026-11-28 10:16:46+00'),
	(23, 18, '{"glow_ev": "3.3", "kept_av": null, "kept_ev": "8.5", "kept_sv": null, "kept_tv": null, "kept_thing": "window", "metered_av": null, "metered_sv": null, "metered_tv": null}', '[]', true, '2026-11-28 10:16:46+00'),
	(22, 18, '{"nd_stops": "2"}', '{"height_m": "4.45"}', true, '2026-11-28 10:16:46+00'),
	(24, 30, '{"subject_height_m": "1.6", "subject_distance_m": "2"}', '[]', false, '2026-11-28 10:16:47+00'),
	(25, 30, '{"metered_av": null, "metered_sv": null, "metered_tv": null, "glow_from_curve": true}', '[]', false, '2026-11-28 10:16:47+00'),
	(26, 30, '{"school": "shutter-first", "lock_tv": null, "fill_stops": "2"}', '[]', false, '2026-11-28 10:16:47+00'),
	(27, 30, '{"kept_av": null, "kept_sv": null, "kept_tv": null, "kept_thing": null}', '[]', false, '2026-11-28 10:16:47+00'),
	(28, 30, '{"head_aim": null, "head_tilt": null, "head_turn": null, "head_zoom": null}', '[]', false, '2026-11-28 10:16:47+00'),
	(29, 30, '{"units": 1, "dialled_body": "0", "dialled_exposure": "0"}', '[]', false, '2026-11-28 10:16:47+00'),
	(31, 30, '{"glow_ev": "3.3", "kept_av": null, "kept_ev": "8.5", "kept_sv": null, "kept_tv": null, "kept_thing": "window", "metered_av": null, "metered_sv": null, "metered_tv": null}', '[]', true, '2026-11-28 10:16:48+00'),
	(30, 30, '{"nd_stops": "2"}', '{"height_m": "2.75"}', true, '2026-11-28 10:16:47+00');


--
-- Data for Name: moments; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.moments VALUES
	(20, 2, 6, 1, 3, 6, 'Dinner tables', '19:35:00', 35, 4, 1.6, 2.5, 1.25, NULL, NULL, NULL, NULL, 1.5, 120, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000047', 55, '{"notes": "Candles on every table: keep cloth and gels away.", "behind": "guests", "movement": "talk", "presence": ["flames"], "framesPerMinute": 2.0}', true, '{"of": "4fd5c589023ef4a02228e1f07cedf8d5", "iso": "ISO 500", "head": "Over the left shoulder", "share": 0.25, "output": "1/4", "shutter": "1/40 s", "aperture": "f/4", "feasible": true, "shortfall": ""}', '{"of": "3e8d645598c3e02f85594a665c0d81b5", "best": 0, "cells": [{"head": "Straight up", "bound": "lowest output", "short": false, "stops": 4.75}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 3.86}, {"head": "Straight up", "bound": "lowest output", "short": false, "stops": 4.75}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 3.86}, {"head": "Straight up", "bound": "lowest output", "short": false, "stops": 3.47}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 2.58}, {"head": "Straight up", "bound": "lowest output", "short": false, "stops": 3.75}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 2.86}, {"head": "Straight up", "bound": "lowest output", "short": false, "stops": 3.75}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(4, 1, 1, 1, 5, 6, 'Vows', '18:50:00', 85, 5, 1.6, 5, 1.6, NULL, NULL, NULL, NULL, 0.5, 90, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000026', 30, '{"marks": "Keep two frames of each reader.", "behind": "window", "movement": "still", "framesPerMinute": 1.0}', true, '{"of": "03f1465fdcb32361d686f2548798d564", "iso": "ISO 1600", "head": "Left wall", "share": 0.024803141437003122, "output": "1/64 +⅔", "shutter": "1/100 s", "aperture": "f/2.8", "feasible": true, "shortfall": ""}', '{"of": "af240234e747b4fced50f1c49c9bca84", "best": 0, "cells": [{"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 2.3}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 2.24}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 1.3}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.24}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 1.02}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.96}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 1.02}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.96}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 1.3}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(8, 1, 3, 1, 4, 6, 'Family groups', '21:15:00', 35, 4, 1.6, 4.5, 1.6, NULL, NULL, NULL, NULL, 1, 150, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000030', 25, '{"depth": 1.4, "notes": "Twelve people at most; two rows.", "behind": "wall", "movement": "still", "framesPerMinute": 3.0}', true, '{"of": "a887f294b80bef662b0a5ede0f07d1a8", "iso": "ISO 6400", "head": "Over the left shoulder", "share": 0.049606282874006244, "output": "1/32 +⅔", "shutter": "1/40 s", "aperture": "f/5.6", "feasible": true, "shortfall": ""}', '{"of": "28f65dab61f14bc56eeb88d3c4faa76d", "best": 0, "cells": [{"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 2.41}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.95}, {"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": false, "stops": 2.19}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.95}, {"head": "Up and forward", "bound": "depth of the group", "short": true, "stops": -1.42}, {"head": "Up with the card", "bound": "depth of the group", "short": true, "stops": -1.42}, {"head": "Up and forward", "bound": "depth of the group", "short": false, "stops": -0.14}, {"head": "Up with the card", "bound": "depth of the group", "short": false, "stops": -0.14}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 1.41}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(14, 1, 4, 1, 3, 6, 'Sparklers on the quay', '00:50:00', 35, 20, 1.6, 4, 1.6, NULL, NULL, NULL, NULL, 1, 90, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000036', 15, '{"notes": "Guests stand in two rows; ask the house for buckets of sand.", "behind": "guests", "movement": "walk", "presence": ["flames", "floor"], "framesPerMinute": 8.0}', true, '{"of": "0346f4d22b9bbd669e7b7f04a34d1ccb", "iso": "ISO 6400", "head": "Up with the card", "share": 0.0078125, "output": "1/128", "shutter": "1/40 s", "aperture": "f/2.2", "feasible": true, "shortfall": ""}', '{"of": "20197e0d8515883fa470c3ed92b7c758", "best": 1, "cells": [{"head": "Right wall", "bound": "full output", "short": true, "stops": -1.06}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.32}, {"head": "Right wall", "bound": "full output", "short": true, "stops": -2.73}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": true, "stops": -0.44}, {"head": "Right wall", "bound": "full output", "short": true, "stops": -1.37}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": true, "stops": -0.39}, {"head": "Right wall", "bound": "full output", "short": true, "stops": -3.1}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": true, "stops": -1.44}, {"head": "Right wall", "bound": "full output", "short": false, "stops": -0.06}], "purchases": [["lowest", "A unit that goes down one stop lower", 0.5718225154711498]]}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(31, 3, 8, 1, 3, 6, 'Warm-up', '23:00:00', 35, 4, 1.6, 2.5, 1.65, NULL, NULL, NULL, NULL, 2, 90, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, 9, NULL, '6b1d2f00-0000-4000-8003-000000000063', 45, '{"behind": "band", "movement": "dance", "framesPerMinute": 4.0}', true, '{"of": "83a65fef02b61fa4030f79d2aa0e6bf5", "iso": "ISO 2500", "head": "Up and forward", "share": 0.01968626640460739, "output": "1/64 +⅓", "shutter": "1/40 s", "aperture": "f/2.8", "feasible": true, "shortfall": ""}', '{"of": "69361167ca9fe3ddbb270647349fb026", "best": 8, "cells": [{"head": "Straight up", "bound": "full output", "short": false, "stops": 2.06}, {"head": "Straight at the face", "bound": "lowest output", "short": false, "stops": 0.5}, {"head": "Straight up", "bound": "full output", "short": false, "stops": 0.96}, {"head": "Straight at the face", "bound": "lowest output", "short": false, "stops": 0.5}, {"head": "Straight up", "bound": "usable ISO and widest aperture", "short": false, "stops": 1.48}, {"head": "Straight at the face", "bound": "lowest output", "short": true, "stops": -0.78}, {"head": "Straight up", "bound": "usable ISO and widest aperture", "short": false, "stops": 0.43}, {"head": "Straight at the face", "bound": "lowest output", "short": true, "stops": -0.5}, {"head": "Straight up", "bound": "usable ISO and widest aperture", "short": false, "stops": 2.76}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(35, 3, 8, 1, 3, 6, 'Front row', '01:00:00', 35, 4, 1.6, 1.5, 1.65, NULL, NULL, NULL, NULL, 2, 120, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000067', 20, '{"behind": "guests", "nearest": 0.8, "farthest": 2.5, "movement": "dance", "framesPerMinute": 6.0}', true, '{"of": "83f82ded19391b5ae7060d94056b4cce", "iso": "ISO 6400", "head": "Over the left shoulder", "share": 0.25, "output": "1/4", "shutter": "1/200 s", "aperture": "f/2.8", "feasible": true, "shortfall": ""}', '{"of": "78485b61fc8e4c514e2ca2b29a61eb17", "best": 8, "cells": [{"head": "Straight up", "bound": "full output", "short": false, "stops": 2.44}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.04}, {"head": "Straight up", "bound": "full output", "short": false, "stops": 2.4}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.04}, {"head": "Straight up", "bound": "full output", "short": false, "stops": 2.44}, {"head": "Up with the card", "bound": "lowest output", "short": true, "stops": -0.24}, {"head": "Straight up", "bound": "usable ISO and widest aperture", "short": false, "stops": 1.5}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.04}, {"head": "Straight up", "bound": "full output", "short": false, "stops": 3.44}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(39, 3, 8, 1, 3, 6, 'Lights up', '03:15:00', 35, 4, 1.6, 3, 1.65, NULL, NULL, NULL, NULL, 0.5, 90, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000071', 15, '{"behind": "guests", "movement": "talk", "framesPerMinute": 2.0}', true, '{"of": "92518693dfdec425899520f380f14cb0", "iso": "ISO 3200", "head": "Over the left shoulder", "share": 0.25, "output": "1/4", "shutter": "1/40 s", "aperture": "f/2.8", "feasible": true, "shortfall": ""}', '{"of": "16036b03acd948347787bc30b0028500", "best": 0, "cells": [{"head": "Straight up", "bound": "usable ISO and widest aperture", "short": false, "stops": 2.65}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.44}, {"head": "Straight up", "bound": "usable ISO and widest aperture", "short": false, "stops": 1.32}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.44}, {"head": "Straight up", "bound": "usable ISO and widest aperture", "short": false, "stops": 1.37}, {"head": "Up with the card", "bound": "lowest output", "short": true, "stops": -0.84}, {"head": "Straight up", "bound": "usable ISO and widest aperture", "short": false, "stops": 0.32}, {"head": "Up with the card", "bound": "lowest output", "short": true, "stops": -0.56}, {"head": "Straight up", "bound": "usable ISO and widest aperture", "short": false, "stops": 2.65}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(25, 2, 6, 1, 4, 6, 'All winners', '21:55:00', 35, 4, 1.6, 6, 1.7, NULL, NULL, NULL, NULL, 0.5, 150, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 2, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000052', 10, '{"depth": 1.5, "behind": "band", "movement": "still", "framesPerMinute": 6.0}', true, '{"of": "8cf84f3d971777b439553739aafb5b12", "iso": "ISO 2000", "head": "Over the left shoulder", "share": 0.049606282874006244, "output": "1/32 +⅔", "shutter": "1/40 s", "aperture": "f/5.6", "feasible": true, "shortfall": ""}', '{"of": "1985672de2e01bf804f6caa8878396b1", "best": 0, "cells": [{"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 2.55}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 2.46}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 2.55}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 2.46}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 1.27}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.18}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 1.55}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.46}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 1.55}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(28, 3, 10, 1, 3, 6, 'Queue at the gate', '22:00:00', 35, 4, 1.6, 3, 1.65, NULL, NULL, NULL, NULL, 1, 90, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000060', 20, '{"behind": "guests", "movement": "talk", "framesPerMinute": 3.0}', true, '{"of": "677cd77e54ec9f06ceba637415957242", "iso": "ISO 6400", "head": "Up with the card", "share": 0.0078125, "output": "1/128", "shutter": "1/40 s", "aperture": "f/2.8", "feasible": true, "shortfall": ""}', '{"of": "0c21c7ab2565c16fd52f271ab22b2853", "best": 1, "cells": [{"head": "Left wall", "bound": "full output", "short": true, "stops": -1.27}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.08}, {"head": "Left wall", "bound": "full output", "short": true, "stops": -2.6}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.08}, {"head": "Left wall", "bound": "full output", "short": true, "stops": -1.27}, {"head": "Up with the card", "bound": "lowest output", "short": true, "stops": -1.2}, {"head": "Left wall", "bound": "full output", "short": true, "stops": -3.13}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": true, "stops": -0.86}, {"head": "Left wall", "bound": "full output", "short": true, "stops": -0.27}], "purchases": [["lowest", "A unit that goes down one stop lower", 1]]}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(29, 3, 8, 1, 3, 6, 'Empty floor, show light', '22:10:00', 35, 4, 1.6, 6, 1.4, NULL, NULL, NULL, NULL, 0, 90, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000061', 10, '{"behind": "band", "movement": "still", "framesPerMinute": 1.0}', true, '{"of": "885d60551ede0784786f5b1338584d78", "iso": "ISO 6400", "head": "Over the left shoulder", "share": 0.15749013123685915, "output": "1/8 +⅓", "shutter": "1/40 s", "aperture": "f/1.8", "feasible": false, "shortfall": "The room reads 0.6 stops darker than you wish, at the slowest shutter you can hold, wide open, at your highest ISO."}', '{"of": "78b6f96249b6c418bc94dc103c145a13", "best": 0, "cells": [{"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": true, "stops": -0.4}, {"head": "Up with the card", "bound": "lowest output", "short": true, "stops": -0.48}, {"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": true, "stops": -1.73}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": true, "stops": -1.73}, {"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": true, "stops": -1.68}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": true, "stops": -1.68}, {"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": true, "stops": -2.73}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": true, "stops": -2.73}, {"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": true, "stops": -0.4}], "purchases": [["iso", "Usable ISO one stop up", 1], ["lens", "A lens one stop faster", 1]]}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(32, 3, 8, 1, 3, 6, 'Midnight', '23:55:00', 35, 4, 1.6, 2, 1.65, NULL, NULL, NULL, NULL, 2, 120, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000064', 15, '{"notes": "Countdown screen at the far wall.", "behind": "guests", "movement": "dance", "presence": ["floor"], "framesPerMinute": 12.0}', true, '{"of": "02999fdda15fb5c08db3f9d627742e0e", "iso": "ISO 6400", "head": "Up and back", "share": 0.19842513149602492, "output": "1/8 +⅔", "shutter": "1/100 s", "aperture": "f/2.8", "feasible": true, "shortfall": ""}', '{"of": "b8e69cb42a2ee25027ad9a9ae00c814d", "best": 0, "cells": [{"head": "Straight up", "bound": "usable ISO and widest aperture", "short": false, "stops": 2.76}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.77}, {"head": "Straight up", "bound": "usable ISO and widest aperture", "short": false, "stops": 1.43}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.77}, {"head": "Straight up", "bound": "usable ISO and widest aperture", "short": false, "stops": 1.48}, {"head": "Up with the card", "bound": "lowest output", "short": true, "stops": -0.51}, {"head": "Straight up", "bound": "usable ISO and widest aperture", "short": false, "stops": 0.43}, {"head": "Up with the card", "bound": "lowest output", "short": true, "stops": -0.23}, {"head": "Straight up", "bound": "usable ISO and widest aperture", "short": false, "stops": 2.76}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(33, 3, 8, 1, 5, 6, 'Main act, first songs', '00:30:00', 85, 4, 1.6, 5, 1.8, NULL, NULL, NULL, NULL, 0, 50, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000065', 15, '{"behind": "band", "movement": "dance", "framesPerMinute": 4.0}', true, '{"of": "21560f1f787f5b12be1e2a5323aae698", "iso": "ISO 5000", "head": "Over the left shoulder", "share": 0.125, "output": "1/8", "shutter": "1/100 s", "aperture": "f/1.8", "feasible": true, "shortfall": ""}', '{"of": "5a1c32831f8efb1a3e2afd639b7433b0", "best": 0, "cells": [{"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": false, "stops": 1.83}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.82}, {"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": true, "stops": -0.5}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": true, "stops": -0.5}, {"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": false, "stops": 0.55}, {"head": "Up with the card", "bound": "lowest output", "short": true, "stops": -0.46}, {"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": true, "stops": -0.78}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": true, "stops": -0.78}, {"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": false, "stops": 1.83}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(34, 3, 8, 1, 3, 6, 'Main act', '00:45:00', 35, 4, 1.6, 4, 1.8, NULL, NULL, NULL, NULL, 1.5, 90, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000066', 55, '{"behind": "band", "movement": "dance", "framesPerMinute": 4.0}', true, '{"of": "b72450a38d06dc2ef1b2bcc1c0198fcd", "iso": "ISO 6400", "head": "Straight up", "share": 0.25, "output": "1/4", "shutter": "1/125 s", "aperture": "f/2.8", "feasible": true, "shortfall": ""}', '{"of": "533b82a4a3b23a89c9a13950140840b2", "best": 8, "cells": [{"head": "Up and forward", "bound": "full output", "short": false, "stops": 2.78}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 3.06}, {"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": false, "stops": 2}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": false, "stops": 2}, {"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": false, "stops": 2.05}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.78}, {"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": false, "stops": 1}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": false, "stops": 1}, {"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": false, "stops": 3.33}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(22, 2, 5, 1, 4, 6, 'Winners backstage', '20:50:00', 50, 4, 1.6, 3, 1.6, NULL, NULL, NULL, NULL, 1, 150, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000049', 30, '{"depth": 1.0, "behind": "wall", "movement": "still", "framesPerMinute": 3.0}', true, '{"of": "fe38e4756965eee47942717003458a37", "iso": "ISO 1250", "head": "Over the left shoulder", "share": 0.125, "output": "1/8", "shutter": "1/50 s", "aperture": "f/5.6", "feasible": true, "shortfall": ""}', '{"of": "f8fde2ef76ccfde1d5c16d5320e7aeff", "best": 0, "cells": [{"head": "Straight up", "bound": "lowest output", "short": false, "stops": 4.16}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 3.56}, {"head": "Straight up", "bound": "depth of the group", "short": false, "stops": 3.58}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 3.05}, {"head": "Straight up", "bound": "depth of the group", "short": true, "stops": -0.19}, {"head": "Up with the card", "bound": "depth of the group", "short": true, "stops": -0.19}, {"head": "Straight up", "bound": "depth of the group", "short": false, "stops": 1.09}, {"head": "Up with the card", "bound": "depth of the group", "short": false, "stops": 1.09}, {"head": "Straight up", "bound": "lowest output", "short": false, "stops": 3.16}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(23, 2, 6, 1, 4, 6, 'Table groups', '21:20:00', 35, 4, 1.6, 4, 1.5, NULL, NULL, NULL, NULL, 1, 150, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000050', 20, '{"depth": 1.2, "behind": "guests", "movement": "still", "framesPerMinute": 3.0}', true, '{"of": "5389af56a5697cc1cd6335d794d1e14b", "iso": "ISO 1250", "head": "Over the left shoulder", "share": 0.15749013123685915, "output": "1/8 +⅓", "shutter": "1/40 s", "aperture": "f/5.6", "feasible": true, "shortfall": ""}', '{"of": "066f6319eecc0d125a794c598383c502", "best": 0, "cells": [{"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 4.55}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 4.1}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 4.55}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 4.1}, {"head": "Up and forward", "bound": "depth of the group", "short": false, "stops": 0.74}, {"head": "Up with the card", "bound": "depth of the group", "short": false, "stops": 0.74}, {"head": "Up and forward", "bound": "depth of the group", "short": false, "stops": 2.02}, {"head": "Up with the card", "bound": "depth of the group", "short": false, "stops": 2.02}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 3.55}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(36, 3, 8, 1, 3, 6, 'Confetti', '01:20:00', 35, 4, 1.6, 5, 1.8, NULL, NULL, NULL, NULL, 1.5, 90, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000068', 5, '{"behind": "band", "movement": "dance", "presence": ["floor"], "framesPerMinute": 24.0}', true, '{"of": "b14e152823f3444a44a567d626a6d35f", "iso": "ISO 6400", "head": "Straight up", "share": 0.25, "output": "1/4", "shutter": "1/200 s", "aperture": "f/2.2", "feasible": true, "shortfall": ""}', '{"of": "23c842a96d897cb37424ab33cc1a0bc5", "best": 1, "cells": [{"head": "Up and forward", "bound": "full output", "short": false, "stops": 2.39}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": false, "stops": 3.33}, {"head": "Up and forward", "bound": "full output", "short": false, "stops": 1.85}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": false, "stops": 2}, {"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": false, "stops": 2.05}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": false, "stops": 2.05}, {"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": false, "stops": 1}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": false, "stops": 1}, {"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": false, "stops": 3.33}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(37, 3, 9, 1, 3, 6, 'Friends on the gangway', '01:45:00', 35, 4, 1.6, 1.8, 1.4, NULL, NULL, NULL, NULL, 1.5, 90, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, 12, '6b1d2f00-0000-4000-8003-000000000069', 30, '{"behind": "wall", "movement": "talk", "framesPerMinute": 3.0}', true, '{"of": "b5f506da5a4ba68b01cbcec40e0d381c", "iso": "ISO 3200", "head": "Over the left shoulder", "share": 0.09921256574801246, "output": "1/16 +⅔", "shutter": "1/40 s", "aperture": "f/2.8", "feasible": true, "shortfall": ""}', '{"of": "49d7bbd8ef03a95ec4d0aeff7848a37e", "best": 0, "cells": [{"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": false, "stops": 2.55}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.62}, {"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": false, "stops": 1.22}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.62}, {"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": false, "stops": 1.27}, {"head": "Up with the card", "bound": "lowest output", "short": true, "stops": -0.66}, {"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": false, "stops": 0.22}, {"head": "Up with the card", "bound": "lowest output", "short": true, "stops": -0.38}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 1.85}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(38, 3, 8, 1, 3, 6, 'Last hour', '02:15:00', 35, 4, 1.6, 2, 1.65, NULL, NULL, NULL, NULL, 2.5, 120, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000070', 60, '{"behind": "guests", "movement": "dance", "framesPerMinute": 4.0}', true, '{"of": "2fba5ceaf738f6d58792c33c3af78198", "iso": "ISO 6400", "head": "Up and back", "share": 0.25, "output": "1/4", "shutter": "1/200 s", "aperture": "f/2.8", "feasible": true, "shortfall": ""}', '{"of": "14eb20171d6799504329987df83c14e6", "best": 8, "cells": [{"head": "Straight up", "bound": "full output", "short": false, "stops": 2.46}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.86}, {"head": "Straight up", "bound": "full output", "short": false, "stops": 2.3}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.86}, {"head": "Straight up", "bound": "usable ISO and widest aperture", "short": false, "stops": 2.43}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.58}, {"head": "Straight up", "bound": "usable ISO and widest aperture", "short": false, "stops": 1.38}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.86}, {"head": "Straight up", "bound": "full output", "short": false, "stops": 3.46}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(15, 2, 5, 1, 4, 6, 'Foyer', '18:00:00', 35, 4, 1.6, 2.5, 1.6, NULL, NULL, NULL, NULL, 0.5, 120, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000042', 45, '{"behind": "guests", "movement": "talk", "framesPerMinute": 4.0}', true, '{"of": "0acb65893ccfab4bc5f2875b237cb436", "iso": "ISO 800", "head": "Over the left shoulder", "share": 0.049606282874006244, "output": "1/32 +⅔", "shutter": "1/40 s", "aperture": "f/4", "feasible": true, "shortfall": ""}', '{"of": "dc3e47f1ef560f2777862fd94c0b1b96", "best": 0, "cells": [{"head": "Straight up", "bound": "lowest output", "short": false, "stops": 2.83}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 2.02}, {"head": "Straight up", "bound": "lowest output", "short": false, "stops": 2.83}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 2.02}, {"head": "Straight up", "bound": "lowest output", "short": false, "stops": 1.55}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.74}, {"head": "Straight up", "bound": "lowest output", "short": false, "stops": 1.83}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.02}, {"head": "Straight up", "bound": "lowest output", "short": false, "stops": 1.83}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(16, 2, 5, 1, 5, 6, 'Portraits at the wall', '18:15:00', 85, 4, 1.6, 3, 1.6, NULL, NULL, NULL, NULL, 1, 150, 'direct', '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, 10, NULL, '6b1d2f00-0000-4000-8003-000000000043', 30, '{"behind": "wall", "movement": "still", "framesPerMinute": 4.0}', true, '{"of": "713f1a5e2e99366155271f88eabe9888", "iso": "ISO 2500", "head": "Straight at the face", "share": 0.03125, "output": "1/32", "shutter": "1/100 s", "aperture": "f/5.6", "feasible": true, "shortfall": ""}', '{"of": "9336e94894d5a383a6831b5260910788", "best": 8, "cells": [{"head": "Up and back", "bound": "full output", "short": false, "stops": 4.16}, {"head": "Straight at the face", "bound": "lowest output", "short": false, "stops": 3.22}, {"head": "Up and back", "bound": "usable ISO and widest aperture", "short": false, "stops": 3.76}, {"head": "Straight at the face", "bound": "lowest output", "short": false, "stops": 2.22}, {"head": "Up and back", "bound": "lowest output", "short": false, "stops": 4.09}, {"head": "Straight at the face", "bound": "lowest output", "short": false, "stops": 1.94}, {"head": "Up and back", "bound": "usable ISO and widest aperture", "short": false, "stops": 3.48}, {"head": "Straight at the face", "bound": "lowest output", "short": false, "stops": 1.94}, {"head": "Up and back", "bound": "lowest output", "short": false, "stops": 4.37}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(17, 2, 6, 1, 3, 6, 'Room before guests', '18:45:00', 35, 4, 1.6, 6, 1.3, NULL, NULL, NULL, NULL, 0, 150, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000044', 10, '{"behind": "decor", "movement": "still", "framesPerMinute": 1.0}', true, '{"of": "4945e2c0ed7d6f9ea4661691fc48d9fb", "iso": "ISO 2500", "head": "Over the left shoulder", "share": 0.07874506561842957, "output": "1/16 +⅓", "shutter": "1/40 s", "aperture": "f/5.6", "feasible": true, "shortfall": ""}', '{"of": "bd3dbd5d16ed1302aba557b3613f426b", "best": 0, "cells": [{"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 3.04}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 2.92}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 3.04}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 2.92}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 1.76}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.64}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 2.04}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.92}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 2.04}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(27, 2, 7, 1, 3, 6, 'Goodbyes in the yard', '23:20:00', 35, 4, 1.6, 3, 1.6, NULL, NULL, NULL, NULL, 1.5, 90, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000054', 20, '{"behind": "guests", "movement": "walk", "framesPerMinute": 3.0}', true, '{"of": "8b0e798531b9fb27b187ef905646d999", "iso": "ISO 6400", "head": "Left wall", "share": 0.7937005259840998, "output": "1/2 +⅔", "shutter": "1/200 s", "aperture": "f/1.8", "feasible": true, "shortfall": ""}', '{"of": "4344cd8303e0d1c7d48cc2731002d2c7", "best": 8, "cells": [{"head": "Left wall", "bound": "full output", "short": false, "stops": 0.34}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.33}, {"head": "Left wall", "bound": "full output", "short": true, "stops": -0.99}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": false, "stops": 1.05}, {"head": "Left wall", "bound": "full output", "short": false, "stops": 0.34}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.05}, {"head": "Left wall", "bound": "full output", "short": true, "stops": -0.99}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": false, "stops": 0.05}, {"head": "Left wall", "bound": "full output", "short": false, "stops": 1.34}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(6, 1, 1, 1, 5, 6, 'Speeches', '20:25:00', 85, 5, 1.6, 4, 1.65, NULL, NULL, NULL, NULL, 1.5, 90, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000028', 30, '{"notes": "Joss’s brother speaks last.", "behind": "guests", "movement": "talk", "framesPerMinute": 3.0}', true, '{"of": "3af113dad0c7ffe206f2ea64dd6eabbe", "iso": "ISO 2500", "head": "Left wall", "share": 0.01968626640460739, "output": "1/64 +⅓", "shutter": "1/100 s", "aperture": "f/2.8", "feasible": true, "shortfall": ""}', '{"of": "b6aebe41c0e5bb4af636208592bf9c29", "best": 0, "cells": [{"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 2.49}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 2.4}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 1.49}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.4}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 1.21}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.12}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 1.21}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.12}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 1.49}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(19, 2, 6, 1, 5, 6, 'Welcome on stage', '19:15:00', 85, 5, 1.6, 6, 1.7, NULL, NULL, NULL, NULL, 0.5, 90, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000046', 15, '{"behind": "band", "movement": "talk", "framesPerMinute": 3.0}', true, '{"of": "d31eb7d6d245e818acae98e6dcaf6737", "iso": "ISO 1000", "head": "Left wall", "share": 0.0625, "output": "1/16", "shutter": "1/100 s", "aperture": "f/2.8", "feasible": true, "shortfall": ""}', '{"of": "df9dc5a90d47497146f525005c946344", "best": 0, "cells": [{"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 3.76}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 3.68}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 2.76}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 2.68}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 2.48}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 2.4}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 2.48}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 2.4}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 2.76}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(21, 2, 6, 1, 5, 6, 'First awards', '20:30:00', 85, 5, 1.6, 5, 1.7, NULL, NULL, NULL, NULL, 0.5, 120, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000048', 40, '{"behind": "band", "clothing": "dark", "movement": "walk", "framesPerMinute": 6.0}', true, '{"of": "fb4cb9adccd42212cfe84849cf865e6c", "iso": "ISO 2000", "head": "Over the left shoulder", "share": 0.049606282874006244, "output": "1/32 +⅔", "shutter": "1/100 s", "aperture": "f/4", "feasible": true, "shortfall": ""}', '{"of": "a40ddda5d1d58246cd5699274ec188cb", "best": 0, "cells": [{"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 3.48}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 3.29}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 2.48}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 2.29}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 2.2}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 2.01}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 2.2}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 2.01}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 2.48}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(1, 1, 1, 1, 3, 6, 'Room before guests', '18:00:00', 35, 5, 1.6, 6, 1.2, NULL, NULL, NULL, NULL, 0, 150, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000023', 15, '{"notes": "Long table from the door, then from the windows.", "behind": "decor", "movement": "still", "framesPerMinute": 1.0}', true, '{"of": "de95ce9d1c6d6fc5bd9c59e609d1f629", "iso": "ISO 1600", "head": "Left wall", "share": 0.07874506561842957, "output": "1/16 +⅓", "shutter": "1/40 s", "aperture": "f/5.6", "feasible": true, "shortfall": ""}', '{"of": "03856b24296728410a4fbbdda32d1a7a", "best": 0, "cells": [{"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 3.25}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 3.22}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 3.25}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 3.22}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 1.96}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.94}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 2.25}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 2.22}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 2.25}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(2, 1, 4, 1, 4, 6, 'Guests arrive', '18:15:00', 50, 20, 1.6, 3.5, 1.6, NULL, NULL, NULL, NULL, 1, 120, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000024', 25, '{"behind": "guests", "movement": "walk", "framesPerMinute": 3.0}', true, '{"of": "7c5b7926ecb7310eec2886fb296a1d16", "iso": "ISO 100", "head": "Straight at the face", "share": 0.15749013123685915, "output": "1/8 +⅓", "shutter": "1/200 s", "aperture": "f/6.3", "feasible": true, "shortfall": ""}', '{"of": "ddc37f9aae38ba861d68e6f95f75e102", "best": 5, "cells": [{"head": "Right wall", "bound": "full output", "short": true, "stops": -10.58}, {"head": "Straight at the face", "bound": "full output", "short": false, "stops": 2.51}, {"head": "Right wall", "bound": "full output", "short": true, "stops": -10.58}, {"head": "Straight at the face", "bound": "full output", "short": false, "stops": 2.95}, {"head": "Right wall", "bound": "full output", "short": true, "stops": -10.58}, {"head": "Straight at the face", "bound": "full output", "short": false, "stops": 3.66}, {"head": "Right wall", "bound": "full output", "short": true, "stops": -10.58}, {"head": "Straight at the face", "bound": "full output", "short": false, "stops": 3.45}, {"head": "Right wall", "bound": "full output", "short": true, "stops": -9.58}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(13, 1, 2, 1, 3, 6, 'Last dances', '23:45:00', 35, 7, 1.6, 2, 1.65, NULL, NULL, NULL, NULL, 2.5, 120, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000035', 60, '{"behind": "band", "nearest": 1.0, "farthest": 3.0, "movement": "dance", "framesPerMinute": 4.0}', true, '{"of": "b022344920a7ff81407740e2e61449d0", "iso": "ISO 4000", "head": "Up with the card", "share": 0.01968626640460739, "output": "1/64 +⅓", "shutter": "1/40 s", "aperture": "f/4", "feasible": true, "shortfall": ""}', '{"of": "6c897c59bb67cedeb100028f99327948", "best": 8, "cells": [{"head": "Up and back", "bound": "full output", "short": false, "stops": 2.27}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.21}, {"head": "Up and back", "bound": "full output", "short": false, "stops": 1.46}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.21}, {"head": "Up and back", "bound": "usable ISO and widest aperture", "short": false, "stops": 1.77}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": -0.07}, {"head": "Up and back", "bound": "usable ISO and widest aperture", "short": false, "stops": 0.72}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.21}, {"head": "Up and back", "bound": "usable ISO and widest aperture", "short": false, "stops": 3.05}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(24, 2, 6, 1, 16, 6, 'Main award', '21:40:00', 135, 6, 1.6, 9, 1.7, NULL, NULL, NULL, NULL, 0.5, 90, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000051', 15, '{"marks": "The handshake; then the hall.", "behind": "band", "movement": "walk", "framesPerMinute": 10.0}', true, '{"of": "5468722eac3853c33bcf1ac10b215ae8", "iso": "ISO 1600", "head": "Left wall", "share": 0.0625, "output": "1/16", "shutter": "1/160 s", "aperture": "f/2.8", "feasible": true, "shortfall": ""}', '{"of": "cf344a80635b81649709b0717e77fe5e", "best": 1, "cells": [{"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 4.7}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 4.72}, {"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": false, "stops": 3.19}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": false, "stops": 3.19}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 3.42}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 3.44}, {"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": false, "stops": 2.24}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": false, "stops": 2.24}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 3.7}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(26, 2, 6, 1, 3, 6, 'Bar and music', '22:05:00', 35, 4, 1.6, 2, 1.65, NULL, NULL, NULL, NULL, 2, 120, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000053', 70, '{"behind": "guests", "movement": "dance", "framesPerMinute": 4.0}', true, '{"of": "40eacaad8bb794f1b08ae04f2344b732", "iso": "ISO 2500", "head": "Up and back", "share": 0.03937253280921478, "output": "1/32 +⅓", "shutter": "1/40 s", "aperture": "f/4", "feasible": true, "shortfall": ""}', '{"of": "3c1817cdb37b7f8ac7a0cc64a89d5fc3", "best": 0, "cells": [{"head": "Straight up", "bound": "lowest output", "short": false, "stops": 2.64}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.43}, {"head": "Straight up", "bound": "lowest output", "short": false, "stops": 2.64}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.43}, {"head": "Straight up", "bound": "lowest output", "short": false, "stops": 1.36}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.15}, {"head": "Straight up", "bound": "lowest output", "short": false, "stops": 1.64}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.43}, {"head": "Straight up", "bound": "lowest output", "short": false, "stops": 1.64}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(3, 1, 4, 1, 3, 6, 'Arrival on the quay', '18:40:00', 35, 20, 1.6, 4, 1.6, 6, NULL, NULL, NULL, 1, 90, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000025', 10, '{"notes": "The boat comes in at the east steps.", "behind": "guests", "clothing": "mixed", "movement": "walk", "framesPerMinute": 4.0}', false, '{"of": "9d3b107bc510ea082b34b50cc94f1d26", "iso": "ISO 250", "head": "Straight at the face", "share": 0.01968626640460739, "output": "1/64 +⅓", "shutter": "1/40 s", "aperture": "f/2.8", "feasible": true, "shortfall": ""}', '{"of": "de8360aaf5f8b96077c83e642f017b46", "best": 1, "cells": [{"head": "Right wall", "bound": "full output", "short": true, "stops": -4.73}, {"head": "Up with the card", "bound": "full output", "short": false, "stops": 3.91}, {"head": "Right wall", "bound": "full output", "short": true, "stops": -4.73}, {"head": "Up with the card", "bound": "full output", "short": false, "stops": 3.91}, {"head": "Right wall", "bound": "full output", "short": true, "stops": -4.73}, {"head": "Up with the card", "bound": "full output", "short": false, "stops": 3.91}, {"head": "Right wall", "bound": "full output", "short": true, "stops": -4.73}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": false, "stops": 3.87}, {"head": "Right wall", "bound": "full output", "short": true, "stops": -3.73}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(7, 1, 3, 1, 4, 6, 'Cake in the marquee', '21:00:00', 50, 4, 1.6, 2.5, 1.6, 3.3, NULL, NULL, NULL, 1, 120, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000029', 15, '{"behind": "decor", "movement": "still", "framesPerMinute": 5.0}', false, '{"of": "f9146c7f3b55c80d70a5d48574b2d221", "iso": "ISO 4000", "head": "Over the left shoulder", "share": 0.024803141437003122, "output": "1/64 +⅔", "shutter": "1/50 s", "aperture": "f/4", "feasible": true, "shortfall": ""}', '{"of": "9e360145e96c3a5e9d79ad94e10121ac", "best": 0, "cells": [{"head": "Straight up", "bound": "lowest output", "short": false, "stops": 2.08}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.92}, {"head": "Straight up", "bound": "lowest output", "short": false, "stops": 1.57}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.41}, {"head": "Straight up", "bound": "lowest output", "short": false, "stops": 0.8}, {"head": "Up with the card", "bound": "lowest output", "short": true, "stops": -0.36}, {"head": "Straight up", "bound": "lowest output", "short": false, "stops": 1.08}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": -0.08}, {"head": "Straight up", "bound": "lowest output", "short": false, "stops": 1.08}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(10, 1, 2, 1, 3, 6, 'First dance in the boat shed', '22:15:00', 35, 7, 1.6, 4.5, 1.65, 1.5, NULL, NULL, NULL, 2, 90, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000032', 10, '{"view": "From the slipway to the band", "behind": "guests", "clothing": "white", "movement": "dance", "framesPerMinute": 10.0}', false, '{"of": "c7b8f539ca6557b4982b8ab21d6ee566", "iso": "ISO 6400", "head": "Over the left shoulder", "share": 0.25, "output": "1/4", "shutter": "1/160 s", "aperture": "f/2.2", "feasible": true, "shortfall": ""}', '{"of": "7a7baa6cc9b096e9ff922f2ebf88f0a3", "best": 1, "cells": [{"head": "Left wall", "bound": "full output", "short": false, "stops": 2.62}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": false, "stops": 2.7}, {"head": "Left wall", "bound": "usable ISO and widest aperture", "short": false, "stops": 1.37}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": false, "stops": 1.37}, {"head": "Left wall", "bound": "usable ISO and widest aperture", "short": false, "stops": 1.42}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": false, "stops": 1.42}, {"head": "Left wall", "bound": "usable ISO and widest aperture", "short": false, "stops": 0.37}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": false, "stops": 0.37}, {"head": "Left wall", "bound": "usable ISO and widest aperture", "short": false, "stops": 2.7}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(11, 1, 2, 1, 3, 6, 'Dance floor', '22:20:00', 35, 7, 1.6, 2.5, 1.65, NULL, NULL, NULL, NULL, 2, 120, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000033', 70, '{"behind": "band", "movement": "dance", "presence": ["floor"], "framesPerMinute": 6.0}', true, '{"of": "a5892fe0da46705465cc504089e1f0b9", "iso": "ISO 6400", "head": "Over the left shoulder", "share": 0.19842513149602492, "output": "1/8 +⅔", "shutter": "1/125 s", "aperture": "f/2.2", "feasible": true, "shortfall": ""}', '{"of": "216df7e32ea2f5e23a845519fbde537d", "best": 0, "cells": [{"head": "Up and back", "bound": "usable ISO and widest aperture", "short": false, "stops": 2.55}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.19}, {"head": "Up and back", "bound": "usable ISO and widest aperture", "short": false, "stops": 1.22}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.19}, {"head": "Up and back", "bound": "usable ISO and widest aperture", "short": false, "stops": 1.27}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": -0.09}, {"head": "Up and back", "bound": "usable ISO and widest aperture", "short": false, "stops": 0.22}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.19}, {"head": "Up and back", "bound": "usable ISO and widest aperture", "short": false, "stops": 2.55}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(12, 1, 2, 1, 3, 6, 'Bouquet', '23:30:00', 35, 7, 1.6, 5, 1.8, NULL, NULL, NULL, NULL, 1.5, 120, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 1, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000034', 10, '{"behind": "guests", "clothing": "white", "movement": "walk", "framesPerMinute": 12.0}', true, '{"of": "3b9dceedad8ca0108f5b645ded419b12", "iso": "ISO 6400", "head": "Over the left shoulder", "share": 0.25, "output": "1/4", "shutter": "1/100 s", "aperture": "f/2.2", "feasible": true, "shortfall": ""}', '{"of": "69a48583070ba1d22ae75ab180b5bdc6", "best": 0, "cells": [{"head": "Left wall", "bound": "usable ISO and widest aperture", "short": false, "stops": 2.05}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": false, "stops": 2.05}, {"head": "Left wall", "bound": "usable ISO and widest aperture", "short": false, "stops": 0.72}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": false, "stops": 0.72}, {"head": "Left wall", "bound": "usable ISO and widest aperture", "short": false, "stops": 0.77}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": false, "stops": 0.77}, {"head": "Left wall", "bound": "usable ISO and widest aperture", "short": true, "stops": -0.28}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": true, "stops": -0.28}, {"head": "Left wall", "bound": "usable ISO and widest aperture", "short": false, "stops": 2.05}], "purchases": []}', 0, NULL, NULL, NULL, 'shutter-first', NULL, NULL, 2, 0, false, NULL, NULL, NULL, 0, 0, '[]', NULL, NULL, NULL),
	(5, 1, 1, 1, 3, 6, 'Supper in the ropewalk', '19:30:00', 35, 5, 1.6, 3.5, 1.4, NULL, 150, 90, 120, 1.5, 120, 'by-hand', '2026-11-28 09:32:19+00', '2026-11-28 10:16:44+00', 2, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000027', 50, '{"notes": "Grandparents at the head of the table. A baby sits with them.", "behind": "decor", "movement": "talk", "presence": ["baby"], "framesPerMinute": 2.0}', false, '{"of": "60821f958ab678cf4adbd7503c5341b3", "iso": "ISO 1250", "head": "Left wall", "share": 0.0625, "output": "1/16", "shutter": "1/40 s", "aperture": "f/4", "feasible": true, "shortfall": ""}', '{"of": "8dc0ddac49706af48c446bd8e27eb19f", "best": 0, "cells": [{"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 2.58}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 2.3}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 2.58}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 2.3}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 1.3}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.02}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 1.58}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 1.3}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 1.58}], "purchases": []}', 9, 180, NULL, NULL, 'iso-floats', 'candles', NULL, 1.3333333333333, 0, false, -35, 60, 50, -0.66666666666667, 0.33333333333333, '[{"id": "0856742c-77be-4d54-8b8e-c6ff205d737d", "moment": {"name": "Supper in the ropewalk", "units": 1, "gel_id": null, "school": "iso-floats", "body_id": 1, "glow_ev": null, "kept_av": null, "kept_ev": null, "kept_sv": null, "kept_tv": null, "lens_id": 3, "lock_av": null, "lock_sv": null, "lock_tv": 180, "flash_id": 6, "focal_mm": 35, "head_aim": null, "nd_stops": 0, "head_tilt": null, "head_turn": null, "head_zoom": null, "starts_at": "19:30:00", "fill_stops": 1.3333333333333, "high_speed": false, "kept_thing": null, "metered_av": 90, "metered_sv": 120, "metered_tv": 150, "working_av": 120, "modifier_id": null, "dialled_body": 0, "camera_height_m": 1.6, "glow_from_curve": false, "dialled_exposure": 0, "from_back_wall_m": 5, "room_under_stops": 1.5, "subject_height_m": 1.4, "subject_distance_m": 3.5}, "settings": {"av": 120, "sv": 130, "tv": 180, "face": 0.06, "head": "Left wall", "output": -130, "backdrop": -1.58}}, {"id": "fd5bd54b-d0b3-4de7-90d7-ec377c99940b", "moment": {"name": "Supper in the ropewalk", "units": 2, "gel_id": null, "school": "iso-floats", "body_id": 1, "glow_ev": null, "kept_av": 120, "kept_ev": null, "kept_sv": 90, "kept_tv": 210, "lens_id": 3, "lock_av": null, "lock_sv": null, "lock_tv": 180, "flash_id": 6, "focal_mm": 35, "head_aim": "by-hand", "nd_stops": 0, "head_tilt": 60, "head_turn": -35, "head_zoom": 50, "starts_at": "19:30:00", "fill_stops": 1.3333333333333, "high_speed": false, "kept_thing": "candles", "metered_av": 90, "metered_sv": 120, "metered_tv": 150, "working_av": 120, "modifier_id": null, "dialled_body": -0.66666666666667, "camera_height_m": 1.6, "glow_from_curve": false, "dialled_exposure": 0.33333333333333, "from_back_wall_m": 5, "room_under_stops": 1.5, "subject_height_m": 1.4, "subject_distance_m": 3.5}, "settings": {"av": 120, "sv": 130, "tv": 180, "face": 0.07, "head": "Turned by hand", "output": -180, "backdrop": -1.61}}]', 210, 120, 90),
	(9, 1, 4, 1, 3, 6, 'Couple on the quay', '21:40:00', 35, 20, 1.6, 3.5, 1.4, NULL, 150, 90, 120, 1.5, 90, 'by-hand', '2026-11-28 09:32:19+00', '2026-11-28 10:16:45+00', 2, NULL, 13, '6b1d2f00-0000-4000-8003-000000000031', 15, '{"behind": "dark-hall", "movement": "still", "framesPerMinute": 3.0}', false, '{"of": "3dfbe0f353d13efd3f462a7760861aca", "iso": "ISO 6400", "head": "Up with the card", "share": 0.015625, "output": "1/64", "shutter": "1/40 s", "aperture": "f/2.8", "feasible": true, "shortfall": ""}', '{"of": "595badab57ea6bec7881c1bb29456415", "best": 1, "cells": [{"head": "Right wall", "bound": "full output", "short": true, "stops": -1.99}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.88}, {"head": "Right wall", "bound": "full output", "short": true, "stops": -3.32}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": false, "stops": 0.06}, {"head": "Right wall", "bound": "full output", "short": true, "stops": -1.99}, {"head": "Up with the card", "bound": "lowest output", "short": true, "stops": -0.4}, {"head": "Right wall", "bound": "full output", "short": true, "stops": -3.65}, {"head": "Up with the card", "bound": "usable ISO and widest aperture", "short": true, "stops": -0.94}, {"head": "Right wall", "bound": "full output", "short": true, "stops": -0.99}], "purchases": [["lowest", "A unit that goes down one stop lower", 0.5184831365996145]]}', 10, 180, NULL, NULL, 'iso-floats', 'candles', NULL, 1.3333333333333, 0, false, -35, 60, 50, -0.66666666666667, 0.33333333333333, '[{"id": "a0c774d1-3d4b-43d2-ab6f-fa830c112bf1", "moment": {"name": "Couple on the quay", "units": 1, "gel_id": 13, "school": "iso-floats", "body_id": 1, "glow_ev": null, "kept_av": null, "kept_ev": null, "kept_sv": null, "kept_tv": null, "lens_id": 3, "lock_av": null, "lock_sv": null, "lock_tv": 180, "flash_id": 6, "focal_mm": 35, "head_aim": null, "nd_stops": 0, "head_tilt": null, "head_turn": null, "head_zoom": null, "starts_at": "21:40:00", "fill_stops": 1.3333333333333, "high_speed": false, "kept_thing": null, "metered_av": 90, "metered_sv": 120, "metered_tv": 150, "working_av": 90, "modifier_id": null, "dialled_body": 0, "camera_height_m": 1.6, "glow_from_curve": false, "dialled_exposure": 0, "from_back_wall_m": 20, "room_under_stops": 1.5, "subject_height_m": 1.4, "subject_distance_m": 3.5}, "settings": {"av": 90, "sv": 100, "tv": 180, "face": 0.06, "head": "Straight at the face", "output": -210, "backdrop": -1.64}}, {"id": "3cd368d1-fb48-467d-86b2-ca1f634efb81", "moment": {"name": "Couple on the quay", "units": 2, "gel_id": 13, "school": "iso-floats", "body_id": 1, "glow_ev": null, "kept_av": 120, "kept_ev": null, "kept_sv": 90, "kept_tv": 210, "lens_id": 3, "lock_av": null, "lock_sv": null, "lock_tv": 180, "flash_id": 6, "focal_mm": 35, "head_aim": "by-hand", "nd_stops": 0, "head_tilt": 60, "head_turn": -35, "head_zoom": 50, "starts_at": "21:40:00", "fill_stops": 1.3333333333333, "high_speed": false, "kept_thing": "candles", "metered_av": 90, "metered_sv": 120, "metered_tv": 150, "working_av": 90, "modifier_id": null, "dialled_body": -0.66666666666667, "camera_height_m": 1.6, "glow_from_curve": false, "dialled_exposure": 0.33333333333333, "from_back_wall_m": 20, "room_under_stops": 1.5, "subject_height_m": 1.4, "subject_distance_m": 3.5}, "settings": {"av": 90, "sv": 100, "tv": 180, "face": -1.4, "head": "Turned by hand", "output": 0, "backdrop": -1.65}}]', 210, 120, 90),
	(18, 2, 6, 1, 3, 6, 'Guests sit down', '18:55:00', 35, 4, 1.6, 3.5, 1.4, NULL, 150, 90, 120, 1, 120, 'by-hand', '2026-11-28 09:32:19+00', '2026-11-28 10:16:46+00', 2, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000045', 15, '{"behind": "guests", "movement": "walk", "framesPerMinute": 4.0}', false, '{"of": "617515a849a66ffa78b21714db3c66c9", "iso": "ISO 640", "head": "Over the left shoulder", "share": 0.15749013123685915, "output": "1/8 +⅓", "shutter": "1/40 s", "aperture": "f/4", "feasible": true, "shortfall": ""}', '{"of": "fb8737cb2663a47d8d8bc461e1f11627", "best": 0, "cells": [{"head": "Straight up", "bound": "lowest output", "short": false, "stops": 4.3}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 3.63}, {"head": "Straight up", "bound": "lowest output", "short": false, "stops": 4.3}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 3.63}, {"head": "Straight up", "bound": "lowest output", "short": false, "stops": 3.02}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 2.35}, {"head": "Straight up", "bound": "lowest output", "short": false, "stops": 3.3}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 2.63}, {"head": "Straight up", "bound": "lowest output", "short": false, "stops": 3.3}], "purchases": []}', 10, 180, NULL, NULL, 'iso-floats', 'candles', NULL, 1.3333333333333, 0, false, -35, 60, 50, -0.66666666666667, 0.33333333333333, '[{"id": "500157b6-6634-41e5-b610-ceb58495a25a", "moment": {"name": "Guests sit down", "units": 1, "gel_id": null, "school": "iso-floats", "body_id": 1, "glow_ev": null, "kept_av": null, "kept_ev": null, "kept_sv": null, "kept_tv": null, "lens_id": 3, "lock_av": null, "lock_sv": null, "lock_tv": 180, "flash_id": 6, "focal_mm": 35, "head_aim": null, "nd_stops": 0, "head_tilt": null, "head_turn": null, "head_zoom": null, "starts_at": "18:55:00", "fill_stops": 1.3333333333333, "high_speed": false, "kept_thing": null, "metered_av": 90, "metered_sv": 120, "metered_tv": 150, "working_av": 120, "modifier_id": null, "dialled_body": 0, "camera_height_m": 1.6, "glow_from_curve": false, "dialled_exposure": 0, "from_back_wall_m": 4, "room_under_stops": 1, "subject_height_m": 1.4, "subject_distance_m": 3.5}, "settings": {"av": 120, "sv": 150, "tv": 180, "face": 0.09, "head": "Over the left shoulder", "output": -140, "backdrop": -0.8}}, {"id": "21570ec4-887e-4574-adb4-5fecb4b39795", "moment": {"name": "Guests sit down", "units": 2, "gel_id": null, "school": "iso-floats", "body_id": 1, "glow_ev": null, "kept_av": 120, "kept_ev": null, "kept_sv": 90, "kept_tv": 210, "lens_id": 3, "lock_av": null, "lock_sv": null, "lock_tv": 180, "flash_id": 6, "focal_mm": 35, "head_aim": "by-hand", "nd_stops": 0, "head_tilt": 60, "head_turn": -35, "head_zoom": 50, "starts_at": "18:55:00", "fill_stops": 1.3333333333333, "high_speed": false, "kept_thing": "candles", "metered_av": 90, "metered_sv": 120, "metered_tv": 150, "working_av": 120, "modifier_id": null, "dialled_body": -0.66666666666667, "camera_height_m": 1.6, "glow_from_curve": false, "dialled_exposure": 0.33333333333333, "from_back_wall_m": 4, "room_under_stops": 1, "subject_height_m": 1.4, "subject_distance_m": 3.5}, "settings": {"av": 120, "sv": 130, "tv": 180, "face": 0.08, "head": "Turned by hand", "output": -160, "backdrop": -1.39}}]', 210, 120, 90),
	(30, 3, 9, 1, 3, 6, 'First guests at the bar', '22:20:00', 35, 4, 1.6, 2.5, 1.4, NULL, 150, 90, 120, 1.5, 90, 'by-hand', '2026-11-28 09:32:19+00', '2026-11-28 10:16:48+00', 2, NULL, NULL, '6b1d2f00-0000-4000-8003-000000000062', 40, '{"behind": "guests", "movement": "talk", "framesPerMinute": 3.0}', false, '{"of": "54dcb5624545b40671de77b4d28ae10b", "iso": "ISO 3200", "head": "Over the left shoulder", "share": 0.09921256574801246, "output": "1/16 +⅔", "shutter": "1/40 s", "aperture": "f/2.8", "feasible": true, "shortfall": ""}', '{"of": "e750ade769ed0bdf363c702f98aee49b", "best": 0, "cells": [{"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 2.36}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.17}, {"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": false, "stops": 1.22}, {"head": "Up with the card", "bound": "lowest output", "short": false, "stops": 0.17}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 1.08}, {"head": "Up with the card", "bound": "lowest output", "short": true, "stops": -1.11}, {"head": "Up and forward", "bound": "usable ISO and widest aperture", "short": false, "stops": 0.22}, {"head": "Up with the card", "bound": "lowest output", "short": true, "stops": -0.83}, {"head": "Up and forward", "bound": "lowest output", "short": false, "stops": 1.36}], "purchases": []}', 10, 180, NULL, NULL, 'iso-floats', 'candles', NULL, 1.3333333333333, 0, false, -35, 60, 50, -0.66666666666667, 0.33333333333333, '[{"id": "c0ed1619-36c0-4587-8f82-ee9683411be6", "moment": {"name": "First guests at the bar", "units": 1, "gel_id": null, "school": "iso-floats", "body_id": 1, "glow_ev": null, "kept_av": null, "kept_ev": null, "kept_sv": null, "kept_tv": null, "lens_id": 3, "lock_av": null, "lock_sv": null, "lock_tv": 180, "flash_id": 6, "focal_mm": 35, "head_aim": null, "nd_stops": 0, "head_tilt": null, "head_turn": null, "head_zoom": null, "starts_at": "22:20:00", "fill_stops": 1.3333333333333, "high_speed": false, "kept_thing": null, "metered_av": 90, "metered_sv": 120, "metered_tv": 150, "working_av": 90, "modifier_id": null, "dialled_body": 0, "camera_height_m": 1.6, "glow_from_curve": false, "dialled_exposure": 0, "from_back_wall_m": 4, "room_under_stops": 1.5, "subject_height_m": 1.4, "subject_distance_m": 2.5}, "settings": {"av": 90, "sv": 100, "tv": 180, "face": 0.02, "head": "Straight up", "output": -60, "backdrop": -1.53}}, {"id": "c6c06168-3633-40d7-ac67-aa10b393f548", "moment": {"name": "First guests at the bar", "units": 2, "gel_id": null, "school": "iso-floats", "body_id": 1, "glow_ev": null, "kept_av": 120, "kept_ev": null, "kept_sv": 90, "kept_tv": 210, "lens_id": 3, "lock_av": null, "lock_sv": null, "lock_tv": 180, "flash_id": 6, "focal_mm": 35, "head_aim": "by-hand", "nd_stops": 0, "head_tilt": 60, "head_turn": -35, "head_zoom": 50, "starts_at": "22:20:00", "fill_stops": 1.3333333333333, "high_speed": false, "kept_thing": "candles", "metered_av": 90, "metered_sv": 120, "metered_tv": 150, "working_av": 90, "modifier_id": null, "dialled_body": -0.66666666666667, "camera_height_m": 1.6, "glow_from_curve": false, "dialled_exposure": 0.33333333333333, "from_back_wall_m": 4, "room_under_stops": 1.5, "subject_height_m": 1.4, "subject_distance_m": 2.5}, "settings": {"av": 90, "sv": 100, "tv": 180, "face": -0.04, "head": "Turned by hand", "output": -110, "backdrop": -1.54}}]', 210, 120, 90);


--
-- Data for Name: nights; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.nights VALUES
	(1, 1, 'Wedding of Runa and Joss', '2027-09-18', '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', '6b1d2f00-0000-4000-8004-000000000037', 1),
	(2, 1, 'Harbour Trades Awards', '2027-11-06', '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', '6b1d2f00-0000-4000-8004-000000000055', 2),
	(3, 1, 'New Year’s Eve at Caisson Nine', '2027-12-31', '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', '6b1d2f00-0000-4000-8004-000000000072', 3);


--
-- Data for Name: password_reset_tokens; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: pieces; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.pieces VALUES
	(1, 1, '6b1d2f00-0000-4000-8001-000000000001', 'body', '{"crop": 1, "name": "Full-frame body", "step": "third", "sync": "1/200", "topIso": "51200", "baseIso": "100", "metering": "scene", "usableIso": "6400", "stabiliser": 0, "strictness": 1}', NULL, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', DEFAULT),
	(2, 1, '6b1d2f00-0000-4000-8001-000000000002', 'body', '{"crop": 1.5, "name": "Small-sensor body", "step": "half", "sync": "1/180", "topIso": "12800", "baseIso": "200", "metering": "weighted", "usableIso": "3200", "stabiliser": 1, "strictness": 1}', NULL, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', DEFAULT),
	(3, 1, '6b1d2f00-0000-4000-8001-000000000003', 'lens', '{"name": "Fast 35", "closest": 0.3, "openings": [{"widest": "f/1.8", "focalLength": 35}], "narrowest": "f/16"}', NULL, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', DEFAULT),
	(4, 1, '6b1d2f00-0000-4000-8001-000000000004', 'lens', '{"name": "Standard zoom", "closest": 0.4, "openings": [{"widest": "f/2.8", "focalLength": 24}, {"widest": "f/2.8", "focalLength": 70}], "narrowest": "f/16"}', NULL, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', DEFAULT),
	(5, 1, '6b1d2f00-0000-4000-8001-000000000005', 'lens', '{"name": "Portrait 85", "closest": 0.8, "openings": [{"widest": "f/1.8", "focalLength": 85}], "narrowest": "f/16"}', NULL, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', DEFAULT),
	(6, 1, '6b1d2f00-0000-4000-8001-000000000006', 'flash', '{"name": "Full-size flash", "step": "third", "zoom": [{"halfAngle": 38, "focalLength": 24, "guideNumber": 28}, {"halfAngle": 31, "focalLength": 35, "guideNumber": 36}, {"halfAngle": 25, "focalLength": 50, "guideNumber": 42}, {"halfAngle": 19, "focalLength": 70, "guideNumber": 50}, {"halfAngle": 14, "focalLength": 105, "guideNumber": 58}], "feeds": [{"battery": "alkaline", "fullPops": 150, "fullSeconds": 4.5}, {"battery": "nimh", "fullPops": 200, "fullSeconds": 2.6}, {"battery": "external", "fullPops": 600, "fullSeconds": 1.2}], "metered": true, "wireless": true, "durations": [{"inverse": 1000, "underFull": 0}, {"inverse": 2900, "underFull": 2}, {"inverse": 8500, "underFull": 4}, {"inverse": 20000, "underFull": 7}], "highSpeed": true, "bounceZoom": 24, "rearCurtain": true, "lowestUnderFull": 7}', NULL, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', DEFAULT),
	(7, 1, '6b1d2f00-0000-4000-8001-000000000007', 'flash', '{"name": "Pocket flash", "step": "whole", "zoom": [{"halfAngle": 42, "focalLength": 28, "guideNumber": 14}], "feeds": [{"battery": "nimh", "fullPops": 120, "fullSeconds": 5.5}], "metered": true, "wireless": false, "highSpeed": false, "bounceZoom": 28, "rearCurtain": true, "lowestUnderFull": 5}', NULL, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', DEFAULT),
	(8, 1, '6b1d2f00-0000-4000-8001-000000000008', 'modifier', '{"kind": "card", "name": "Bounce card"}', NULL, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', DEFAULT),
	(9, 1, '6b1d2f00-0000-4000-8001-000000000009', 'modifier', '{"kind": "dome", "name": "Frosted dome"}', NULL, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', DEFAULT),
	(10, 1, '6b1d2f00-0000-4000-8001-000000000010', 'modifier', '{"kind": "soft-box", "name": "Folding soft box"}', NULL, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', DEFAULT),
	(11, 1, '6b1d2f00-0000-4000-8001-000000000011', 'modifier', '{"kind": "grid", "name": "Honeycomb"}', NULL, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', DEFAULT),
	(12, 1, '6b1d2f00-0000-4000-8001-000000000012', 'gel', '{"loss": 0.65, "name": "Full orange", "shift": 159}', NULL, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', DEFAULT),
	(13, 1, '6b1d2f00-0000-4000-8001-000000000013', 'gel', '{"loss": 0.5, "name": "Half orange", "shift": 81}', NULL, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', DEFAULT),
	(14, 1, '6b1d2f00-0000-4000-8001-000000000014', 'gel', '{"loss": 0.3, "name": "Quarter orange", "shift": 42}', NULL, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', DEFAULT),
	(15, 1, '6b1d2f00-0000-4000-8001-000000000015', 'battery', '{"kind": "nimh", "name": "Charged cells", "sets": 3}', NULL, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', DEFAULT),
	(16, 1, '6b1d2f00-0000-4000-8001-000000000016', 'lens', '{"name": "Long zoom", "closest": 1.2, "openings": [{"widest": "f/2.8", "focalLength": 70}, {"widest": "f/2.8", "focalLength": 200}], "narrowest": "f/22"}', NULL, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', DEFAULT),
	(17, 1, '6b1d2f00-0000-4000-8001-000000000017', 'battery', '{"kind": "external", "name": "External pack", "sets": 1}', NULL, NULL, '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', DEFAULT);


--
-- Data for Name: rooms; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.rooms VALUES
	(2, 1, 'Boat shed', 22, 13, 5.5, 'dark-timber', 'oak-boards', 'dark-timber', 'dark-timber', 'dark-timber', 'dark-timber', '2026-11-28 09:32:18+00', '2026-11-28 09:32:18+00', 9.5, 'along', '6b1d2f00-0000-4000-8002-000000000019', 1, '[]', '[{"lux": 12, "name": "Strings of bulbs", "kelvin": 2400, "states": [{"from": "18:00", "level": 100}, {"from": "22:10", "level": 60}]}]', '[{"at": "2027-09-18T22:20", "lux": 7, "kind": "incident", "spot": "Dance floor"}, {"at": "2027-09-18T21:00", "iso": "3200", "kind": "metered", "spot": "Dance floor", "shutter": "1/30", "aperture": "f/1.8"}]', 0),
	(3, 1, 'Sailcloth marquee', 18, 9, 2.6, 'sailcloth', 'pale-oak', 'sailcloth', 'sailcloth', 'sailcloth', 'sailcloth', '2026-11-28 09:32:18+00', '2026-11-28 09:32:18+00', 5, 'along', '6b1d2f00-0000-4000-8002-000000000020', 1, '[{"name": "Sailcloth, daylight through it", "share": 20}]', '[{"lux": 25, "name": "Paper lanterns", "kelvin": 2600, "states": []}]', '[]', 0),
	(5, 1, 'Tallow gallery', 16, 10, 4.5, 'white-plaster', 'concrete', 'white-plaster', 'white-plaster', 'white-plaster', 'white-plaster', '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', NULL, NULL, '6b1d2f00-0000-4000-8002-000000000038', 2, '[{"name": "Glass front, north", "wall": "far", "share": 4}]', '[{"lux": 140, "name": "Track spots", "kelvin": 3200, "states": [{"from": "17:30", "level": 100}, {"from": "23:00", "level": 40}]}]', '[{"at": "2027-11-06T18:10", "lux": 145, "kind": "incident", "spot": "Wall of portraits"}, {"at": "2027-11-06T18:20", "iso": "800", "kind": "metered", "spot": "Foyer", "shutter": "1/60", "aperture": "f/2.8"}]', 0),
	(7, 1, 'Customs yard', 30, 20, 12, 'open', 'stone-flags', 'open', 'open', 'open', 'open', '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', NULL, NULL, '6b1d2f00-0000-4000-8002-000000000040', 2, '[{"name": "Open sky", "share": 100}]', '[{"lux": 8, "name": "Festoon", "kelvin": 2400, "states": []}]', '[]', 0),
	(8, 1, 'Dock floor', 15, 12, 4, 'black-drape', 'black-drape', 'black-drape', 'black-drape', 'black-drape', 'black-drape', '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', NULL, NULL, '6b1d2f00-0000-4000-8002-000000000056', 3, '[]', '[{"lux": 20, "name": "House lights", "kelvin": 3000, "states": [{"from": "22:00", "level": 100}, {"from": "22:15", "level": 10}, {"from": "03:15", "level": 100}]}, {"lux": 14, "name": "Show", "kelvin": 5200, "states": [{"from": "22:00", "level": 10}, {"from": "23:00", "level": 40}, {"from": "00:30", "level": 100}, {"from": "02:15", "level": 60}, {"from": "03:15", "level": 0}]}]', '[{"at": "2027-12-31T22:05", "lux": 21, "kind": "incident", "spot": "Middle of the floor"}, {"at": "2027-12-31T23:10", "ev": 1.4, "kind": "frame", "spot": "Front row"}]', 0),
	(10, 1, 'Lock gate', 30, 12, 12, 'open', 'wet-cobbles', 'open', 'open', 'open', 'open', '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', NULL, NULL, '6b1d2f00-0000-4000-8002-000000000058', 3, '[{"name": "Open sky", "share": 100}]', '[{"lux": 6, "name": "Street lamp", "kelvin": 2000, "states": []}]', '[]', 0),
	(4, 1, 'Open quay', 60, 30, 12, 'open', 'wet-cobbles', 'open', 'open', 'open', 'open', '2026-11-28 09:32:18+00', '2026-11-28 10:16:45+00', NULL, NULL, '6b1d2f00-0000-4000-8002-000000000021', 1, '[{"name": "Open sky", "share": 100}]', '[{"lux": 4, "name": "Quay lamps", "kelvin": 2200, "states": []}]', '[]', 2),
	(9, 1, 'Gangway bar', 12, 4.5, 2.5, 'dark-timber', 'black-drape', 'black-drape', 'black-drape', 'black-drape', 'black-drape', '2026-11-28 09:32:19+00', '2026-11-28 10:16:48+00', NULL, NULL, '6b1d2f00-0000-4000-8002-000000000057', 3, '[]', '[{"lux": 9, "name": "Bar", "kelvin": 2300, "states": []}]', '[]', 2),
	(6, 1, 'Weighing hall', 20, 12, 4.2, 'white-plaster', 'oak-boards', 'cream-paint', 'cream-paint', 'cream-paint', 'cream-paint', '2026-11-28 09:32:19+00', '2026-11-28 10:16:46+00', NULL, NULL, '6b1d2f00-0000-4000-8002-000000000039', 2, '[]', '[{"lux": 70, "name": "Chandeliers", "kelvin": 2800, "states": [{"from": "18:00", "level": 100}, {"from": "19:25", "level": 50}, {"from": "22:00", "level": 25}]}, {"lux": 180, "name": "Stage wash", "kelvin": 4200, "states": [{"from": "19:10", "level": 40}, {"from": "20:25", "level": 60}, {"from": "22:05", "level": 0}]}]', '[{"at": "2027-11-06T18:50", "lux": 140, "kind": "incident", "spot": "Table 9"}, {"at": "2027-11-06T19:40", "lux": 100, "kind": "incident", "spot": "Table 9"}, {"at": "2027-11-06T20:40", "lux": 150, "kind": "incident", "spot": "Lectern"}]', 2),
	(1, 1, 'Ropewalk hall', 26, 6.4, 3.1, 'limewash', 'oak-boards', 'limewash', 'limewash', 'limewash', 'limewash', '2026-11-28 09:32:18+00', '2026-11-28 10:16:44+00', NULL, NULL, '6b1d2f00-0000-4000-8002-000000000018', 1, '[{"name": "Row of small panes, west", "wall": "left", "share": 1.2}]', '[{"lux": 60, "name": "Lanterns", "hangs": 2.4, "kelvin": 2700, "states": [{"from": "17:00", "level": 100}, {"from": "20:15", "level": 60}, {"from": "22:00", "level": 20}]}]', '[{"at": "2027-09-18T18:30", "lux": 150, "kind": "incident", "spot": "Middle table"}, {"at": "2027-09-18T19:30", "iso": "1600", "kind": "metered", "spot": "Middle table", "shutter": "1/30", "aperture": "f/2.8"}, {"at": "2027-09-18T21:00", "lux": 34, "kind": "incident", "spot": "Head of the hall"}, {"at": "2027-09-18T22:15", "lux": 13, "kind": "incident", "spot": "Middle table"}, {"at": "2027-09-18T20:40", "ev": 0.2, "kind": "frame", "spot": "Under the gallery"}]', 2);


--
-- Data for Name: sessions; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: tries; Type: TABLE DATA; Schema: public; Owner: -
--



--
-- Data for Name: users; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.users VALUES
	(1, 'Imke Tarnow', 'demo@kaddle.example', '$argon2id$v=19$m=19456,t=2,p=1$OHN0eUFkUGlXUU1JczVtVA$ugxm7ehyLd4+CbkAvkciJXuXvKdgWgvTFG6o++duL8g', NULL, '2026-11-28 09:32:18+00', '2026-11-28 09:32:18+00', '2026-11-28 09:32:18+00');


--
-- Data for Name: venues; Type: TABLE DATA; Schema: public; Owner: -
--

INSERT INTO public.venues VALUES
	(1, 1, '6b1d2f00-0000-4000-8005-000000000022', 'Halvorsund Ropeworks', 'Europe/Oslo', 58.2, 8.1, '[{"to": "19:20", "from": "18:50", "note": "Ceremony", "rule": "no-flash"}, {"to": "02:00", "from": "17:00", "note": "Aisles of the ropewalk", "rule": "no-stands"}, {"to": "20:55", "from": "20:25", "note": "Speeches", "rule": "quiet"}]', '2026-11-28 09:32:18+00', '2026-11-28 09:32:18+00', 'hz50'),
	(2, 1, '6b1d2f00-0000-4000-8005-000000000041', 'Old Customs House, Halvorsund', 'Europe/Oslo', 58.21, 8.09, '[{"to": "23:59", "from": "19:00", "note": "Fire lanes between the tables", "rule": "no-stands"}, {"to": "19:30", "from": "19:15", "note": "Welcome", "rule": "quiet"}]', '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 'hz50'),
	(3, 1, '6b1d2f00-0000-4000-8005-000000000059', 'Caisson Nine, the dry dock', 'Europe/Oslo', 58.19, 8.12, '[{"to": "04:00", "from": "22:00", "note": "Escape ways", "rule": "no-stands"}, {"to": "00:45", "from": "00:30", "note": "First songs of the act", "rule": "no-flash"}]', '2026-11-28 09:32:19+00', '2026-11-28 09:32:19+00', 'hz50');


--
-- Name: imports_id_seq; Type: SEQUENCE SET; Schema: public; Owner: -
--

SELECT pg_catalog.setval('public.imports_id_seq', 1, false);


--
-- Name: jobs_id_seq; Type: SEQUENCE SET; Schema: public; Owner: -
--

SELECT pg_catalog.setval('public.jobs_id_seq', 1, false);


--
-- Name: migrations_id_seq; Type: SEQUENCE SET; Schema: public; Owner: -
--

SELECT pg_catalog.setval('public.migrations_id_seq', 11, true);


--
-- Name: moment_steps_id_seq; Type: SEQUENCE SET; Schema: public; Owner: -
--

SELECT pg_catalog.setval('public.moment_steps_id_seq', 31, true);


--
-- Name: moments_id_seq; Type: SEQUENCE SET; Schema: public; Owner: -
--

SELECT pg_catalog.setval('public.moments_id_seq', 39, true);


--
-- Name: nights_id_seq; Type: SEQUENCE SET; Schema: public; Owner: -
--

SELECT pg_catalog.setval('public.nights_id_seq', 3, true);


--
-- Name: pieces_id_seq; Type: SEQUENCE SET; Schema: public; Owner: -
--

SELECT pg_catalog.setval('public.pieces_id_seq', 17, true);


--
-- Name: rooms_id_seq; Type: SEQUENCE SET; Schema: public; Owner: -
--

SELECT pg_catalog.setval('public.rooms_id_seq', 10, true);


--
-- Name: users_id_seq; Type: SEQUENCE SET; Schema: public; Owner: -
--

SELECT pg_catalog.setval('public.users_id_seq', 1, true);


--
-- Name: venues_id_seq; Type: SEQUENCE SET; Schema: public; Owner: -
--

SELECT pg_catalog.setval('public.venues_id_seq', 3, true);


--
-- Name: imports imports_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.imports
    ADD CONSTRAINT imports_pkey PRIMARY KEY (id);


--
-- Name: jobs jobs_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.jobs
    ADD CONSTRAINT jobs_pkey PRIMARY KEY (id);


--
-- Name: migrations migrations_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.migrations
    ADD CONSTRAINT migrations_pkey PRIMARY KEY (id);


--
-- Name: moment_steps moment_steps_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.moment_steps
    ADD CONSTRAINT moment_steps_pkey PRIMARY KEY (id);


--
-- Name: moments moments_night_id_uid_unique; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.moments
    ADD CONSTRAINT moments_night_id_uid_unique UNIQUE (night_id, uid);


--
-- Name: moments moments_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.moments
    ADD CONSTRAINT moments_pkey PRIMARY KEY (id);


--
-- Name: nights nights_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.nights
    ADD CONSTRAINT nights_pkey PRIMARY KEY (id);


--
-- Name: nights nights_user_id_uid_unique; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.nights
    ADD CONSTRAINT nights_user_id_uid_unique UNIQUE (user_id, uid);


--
-- Name: password_reset_tokens password_reset_tokens_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.password_reset_tokens
    ADD CONSTRAINT password_reset_tokens_pkey PRIMARY KEY (email);


--
-- Name: pieces pieces_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.pieces
    ADD CONSTRAINT pieces_pkey PRIMARY KEY (id);


--
-- Name: pieces pieces_user_id_uid_unique; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.pieces
    ADD CONSTRAINT pieces_user_id_uid_unique UNIQUE (user_id, uid);


--
-- Name: rooms rooms_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.rooms
    ADD CONSTRAINT rooms_pkey PRIMARY KEY (id);


--
-- Name: rooms rooms_user_id_uid_unique; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.rooms
    ADD CONSTRAINT rooms_user_id_uid_unique UNIQUE (user_id, uid);


--
-- Name: sessions sessions_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.sessions
    ADD CONSTRAINT sessions_pkey PRIMARY KEY (id);


--
-- Name: tries tries_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.tries
    ADD CONSTRAINT tries_pkey PRIMARY KEY (key);


--
-- Name: users users_email_unique; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.users
    ADD CONSTRAINT users_email_unique UNIQUE (email);


--
-- Name: users users_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.users
    ADD CONSTRAINT users_pkey PRIMARY KEY (id);


--
-- Name: venues venues_pkey; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.venues
    ADD CONSTRAINT venues_pkey PRIMARY KEY (id);


--
-- Name: venues venues_user_id_uid_unique; Type: CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.venues
    ADD CONSTRAINT venues_user_id_uid_unique UNIQUE (user_id, uid);


--
-- Name: imports_user_id_created_at_index; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX imports_user_id_created_at_index ON public.imports USING btree (user_id, created_at);


--
-- Name: jobs_queue_index; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX jobs_queue_index ON public.jobs USING btree (queue);


--
-- Name: moment_steps_moment_id_undone_id_index; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX moment_steps_moment_id_undone_id_index ON public.moment_steps USING btree (moment_id, undone, id);


--
-- Name: moments_body_id_index; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX moments_body_id_index ON public.moments USING btree (body_id);


--
-- Name: moments_flash_id_index; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX moments_flash_id_index ON public.moments USING btree (flash_id);


--
-- Name: moments_gel_id_index; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX moments_gel_id_index ON public.moments USING btree (gel_id);


--
-- Name: moments_lens_id_index; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX moments_lens_id_index ON public.moments USING btree (lens_id);


--
-- Name: moments_modifier_id_index; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX moments_modifier_id_index ON public.moments USING btree (modifier_id);


--
-- Name: moments_night_id_starts_at_index; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX moments_night_id_starts_at_index ON public.moments USING btree (night_id, starts_at);


--
-- Name: moments_room_id_index; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX moments_room_id_index ON public.moments USING btree (room_id);


--
-- Name: nights_user_id_held_on_index; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX nights_user_id_held_on_index ON public.nights USING btree (user_id, held_on);


--
-- Name: nights_venue_id_index; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX nights_venue_id_index ON public.nights USING btree (venue_id);


--
-- Name: pieces_user_id_kind_id_index; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX pieces_user_id_kind_id_index ON public.pieces USING btree (user_id, kind, id);


--
-- Name: rooms_user_id_index; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX rooms_user_id_index ON public.rooms USING btree (user_id);


--
-- Name: rooms_venue_id_name_index; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX rooms_venue_id_name_index ON public.rooms USING btree (venue_id, name);


--
-- Name: sessions_last_activity_index; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX sessions_last_activity_index ON public.sessions USING btree (last_activity);


--
-- Name: sessions_user_id_index; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX sessions_user_id_index ON public.sessions USING btree (user_id);


--
-- Name: tries_last_at_index; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX tries_last_at_index ON public.tries USING btree (last_at);


--
-- Name: venues_user_id_name_index; Type: INDEX; Schema: public; Owner: -
--

CREATE INDEX venues_user_id_name_index ON public.venues USING btree (user_id, name);


--
-- Name: imports imports_user_id_foreign; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.imports
    ADD CONSTRAINT imports_user_id_foreign FOREIGN KEY (user_id) REFERENCES public.users(id) ON DELETE CASCADE;


--
-- Name: moment_steps moment_steps_moment_id_foreign; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.moment_steps
    ADD CONSTRAINT moment_steps_moment_id_foreign FOREIGN KEY (moment_id) REFERENCES public.moments(id) ON DELETE CASCADE;


--
-- Name: moments moments_body_id_foreign; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.moments
    ADD CONSTRAINT moments_body_id_foreign FOREIGN KEY (body_id) REFERENCES public.pieces(id) DEFERRABLE INITIALLY DEFERRED;


--
-- Name: moments moments_flash_id_foreign; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.moments
    ADD CONSTRAINT moments_flash_id_foreign FOREIGN KEY (flash_id) REFERENCES public.pieces(id) DEFERRABLE INITIALLY DEFERRED;


--
-- Name: moments moments_gel_id_foreign; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.moments
    ADD CONSTRAINT moments_gel_id_foreign FOREIGN KEY (gel_id) REFERENCES public.pieces(id) DEFERRABLE INITIALLY DEFERRED;


--
-- Name: moments moments_lens_id_foreign; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.moments
    ADD CONSTRAINT moments_lens_id_foreign FOREIGN KEY (lens_id) REFERENCES public.pieces(id) DEFERRABLE INITIALLY DEFERRED;


--
-- Name: moments moments_modifier_id_foreign; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.moments
    ADD CONSTRAINT moments_modifier_id_foreign FOREIGN KEY (modifier_id) REFERENCES public.pieces(id) DEFERRABLE INITIALLY DEFERRED;


--
-- Name: moments moments_night_id_foreign; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.moments
    ADD CONSTRAINT moments_night_id_foreign FOREIGN KEY (night_id) REFERENCES public.nights(id) ON DELETE CASCADE;


--
-- Name: moments moments_room_id_foreign; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.moments
    ADD CONSTRAINT moments_room_id_foreign FOREIGN KEY (room_id) REFERENCES public.rooms(id) DEFERRABLE INITIALLY DEFERRED;


--
-- Name: nights nights_user_id_foreign; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.nights
    ADD CONSTRAINT nights_user_id_foreign FOREIGN KEY (user_id) REFERENCES public.users(id) ON DELETE CASCADE;


--
-- Name: nights nights_venue_id_foreign; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.nights
    ADD CONSTRAINT nights_venue_id_foreign FOREIGN KEY (venue_id) REFERENCES public.venues(id) DEFERRABLE INITIALLY DEFERRED;


--
-- Name: pieces pieces_user_id_foreign; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.pieces
    ADD CONSTRAINT pieces_user_id_foreign FOREIGN KEY (user_id) REFERENCES public.users(id) ON DELETE CASCADE;


--
-- Name: rooms rooms_user_id_foreign; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.rooms
    ADD CONSTRAINT rooms_user_id_foreign FOREIGN KEY (user_id) REFERENCES public.users(id) ON DELETE CASCADE;


--
-- Name: rooms rooms_venue_id_foreign; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.rooms
    ADD CONSTRAINT rooms_venue_id_foreign FOREIGN KEY (venue_id) REFERENCES public.venues(id) DEFERRABLE INITIALLY DEFERRED;


--
-- Name: venues venues_user_id_foreign; Type: FK CONSTRAINT; Schema: public; Owner: -
--

ALTER TABLE ONLY public.venues
    ADD CONSTRAINT venues_user_id_foreign FOREIGN KEY (user_id) REFERENCES public.users(id) ON DELETE CASCADE;


--
-- PostgreSQL database dump complete
--

\unrestrict lGoJMKxYXajHm27wCdFHojibBYBbEo6OdKbgqjptowv7Ga0eIcYjq6lbyDg5ebE

