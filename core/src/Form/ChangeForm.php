<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Glow\Evening;
use Kaddle\Core\Intake\ChoiceKind;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\FlagKind;
use Kaddle\Core\Intake\NumberKind;
use Kaddle\Core\Intake\PatternKind;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\Night\ChangeKind;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Room\Finish;

/** One thing that turns out otherwise in a night, over a span of time. */
final class ChangeForm
{
    private const NEEDED = [
        'stops' => 'Say by how many stops.',
        'minutes' => 'Say by how many minutes.',
        'room' => 'Choose the room.',
        'to' => 'Choose the room where it is instead.',
        'finish' => 'Choose what the ceiling is of.',
        'piece' => 'Choose what is not there.',
        'other' => 'Choose what takes its place.',
    ];

    private function __construct() {}

    public static function shape(): Shape
    {
        return Shape::of(
            Field::needed('what', 'what turns out otherwise', ChoiceKind::among(ChangeKind::cases())),
            Field::optional('from', 'from', PatternKind::clock(), 'Left out, from the beginning.'),
            Field::optional('until', 'until', PatternKind::clock(), 'Left out, to the end.'),
            Field::optional('stops', 'stops', NumberKind::within(Range::between(-8.0, 8.0, 'stops', 0.5)), 'Below 0 is darker.'),
            Field::optional('minutes', 'minutes', NumberKind::whole(Range::between(-480.0, 480.0, 'min', 5.0)), 'Below 0 is earlier.'),
            Field::optional('room', 'room', PatternKind::identity()),
            Field::optional('to', 'room instead', PatternKind::identity()),
            Field::optional('finish', 'ceiling', ChoiceKind::among(Finish::cases())),
            Field::optional('piece', 'what is not there', PatternKind::identity()),
            Field::optional('other', 'what takes its place', PatternKind::identity()),
            Field::optional('keepsPast', 'what comes before', new FlagKind(), 'Whether it stays as it stands now, or is solved anew with the rest.', true),
        )->checked(self::mustMakeSense(...));
    }

    private static function mustMakeSense(Record $change): void
    {
        if (!$change->isSound('what')) {
            return;
        }
        $what = $change->choice('what', ChangeKind::class);
        foreach ($what->needs() as $field) {
            if ($change->isSound($field) && !$change->has($field)) {
                $change->fault($field, self::NEEDED[$field]);
            }
        }
        $known = ['what', 'keepsPast', ...$what->needs(), ...$what->knows()];
        foreach (array_keys($change->toArray()) as $field) {
            if (!in_array($field, $known, true)) {
                $change->fault($field, "This does not go together with “{$what->inWords()}”.");
            }
        }
        if ($change->isSound('from', 'until') && $change->has('from') && $change->has('until')
            && Evening::minutes($change->text('until')) <= Evening::minutes($change->text('from'))) {
            $change->fault('until', 'It must end after it begins; a day of events ends at six in the morning.');
        }
    }
}
