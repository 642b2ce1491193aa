<?php

declare(strict_types=1);

namespace App\Starter;

use App\Models\User;
use App\Models\Venue;
use Illuminate\Validation\ValidationException;
use Kaddle\Core\Form\PlaceForm;
use Kaddle\Core\Glow\Place;
use Kaddle\Core\Intake\FaultyDocument;

/** A venue of which no more than name and time zone is known yet. */
final class StarterVenue
{
    private function __construct() {}

    /**
     * Stores it where its zone is, until somebody says better.
     *
     * @param string $field under which a faulty name is told
     */
    public static function store(User $user, mixed $name, mixed $zone, string $field): Venue
    {
        $known = is_string($zone) && in_array($zone, \DateTimeZone::listIdentifiers(), true)
            ? Place::ofZone(new \DateTimeZone($zone))
            : null;
        try {
            $read = PlaceForm::shape()->whole(
                [
                    'name' => $name,
                    'zone' => $zone,
                    'latitude' => $known->latitude ?? 0.0,
                    'longitude' => $known->longitude ?? 0.0,
                ],
            )->toArray();
        } catch (FaultyDocument $e) {
            $told = [];
            foreach ($e->faults as $fault) {
                $told[$fault->field === 'name' ? $field : $fault->field] = $fault->message;
            }

            throw ValidationException::withMessages($told);
        }
        $venue = new Venue($read);
        $user->venues()->save($venue);

        return $venue;
    }
}
