<?php

declare(strict_types=1);

namespace App\Archive;

/** What can be handed on of a dog. What it is called, how it looks and whether it bites always goes along. */
enum DogPart: string
{
    case Plans = 'plans';
    case Skills = 'skills';
    case Handling = 'handling';
    case Health = 'health';
    case History = 'history';
    case Home = 'home';
    case Picture = 'picture';

    /** Named by others, and handed on by name alone. */
    public const NAMED = ['users' => ['id', 'name'], 'people' => ['id', 'name'], 'places' => ['id', 'name', 'kind']];

    /** Of the dog itself. Its owner and its trainer are those of the practice it goes to. */
    public const OF_DOG = ['client_id', 'trainer_id', 'archived_at', 'archived_for'];

    /** @return list<string> that hang on the dog, directly or by another of them */
    public function tables(): array
    {
        return match ($this) {
            self::Plans => [
                'triggers', 'trigger_traits', 'response_models', 'assessments', 'plans', 'plan_places', 'plan_rests', 'plan_versions',
                'steps', 'step_exposures', 'waivers', 'sound_set_ups', 'dimension_orders', 'sessions', 'session_events', 'sets', 'trials',
                'trial_corrections', 'trial_exposures', 'trial_signs', 'trial_traits', 'second_grades', 'advice', 'meter_readings',
                'films', 'film_records',
            ],
            self::Skills => ['free_sessions', 'observations', 'observation_corrections', 'skill_showings'],
            self::Handling => ['dog_areas', 'agreements', 'items', 'wearings'],
            self::Health => ['health_entries'],
            self::History => ['intakes', 'events', 'incidents'],
            self::Home => ['homework', 'home_reps', 'home_days'],
            self::Picture => ['photos'],
        };
    }
}
