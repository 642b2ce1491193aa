<?php

declare(strict_types=1);

namespace App\Planning;

use Illuminate\Http\Request;
use Kaddle\Core\Night\NightTemplate;
use Kaddle\Core\Reading\ChoiceKind;
use Kaddle\Core\Reading\FaultyDocument;
use Kaddle\Core\Reading\Field;
use Kaddle\Core\Reading\Fields;
use Kaddle\Core\Reading\PatternKind;
use Kaddle\Core\Reading\Shape;
use Kaddle\Core\Reading\TextKind;

/** Name, date, place and pattern of a night, as forms give them. */
final class NightShape
{
    private function __construct() {}

    /**
     * Name and date, for a night that is there.
     *
     * @return array{name: string, held_on: string}
     *
     * @throws FaultyDocument
     */
    public static function changes(Request $request): array
    {
        /** @var array{name: string, heldOn: string} $read */
        $read = Fields::whole($request->post(), Shape::of(...self::nameAndDate())->read(...));

        return ['name' => $read['name'], 'held_on' => $read['heldOn']];
    }

    /**
     * All of it, for a new one; the zone is read with the venue.
     *
     * @return array{name: string, heldOn: string, place: string, template?: string}
     *
     * @throws FaultyDocument
     */
    public static function start(Request $request): array
    {
        $templates = [];
        foreach (NightTemplate::cases() as $template) {
            $templates[$template->value] = $template->inWords();
        }
        $shape = Shape::of(...self::nameAndDate())->with(
            Field::needed('place', 'place', TextKind::line(120)),
            Field::optional('template', 'pattern', ChoiceKind::of($templates)),
        );

        /** @var array{name: string, heldOn: string, place: string, template?: string} */
        return Fields::whole(array_diff_key($request->post(), ['zone' => null]), $shape->read(...));
    }

    /** @return list<Field> */
    private static function nameAndDate(): array
    {
        return [
            Field::needed('name', 'name', TextKind::line(80)),
            Field::needed('heldOn', 'date', PatternKind::date()),
        ];
    }
}
