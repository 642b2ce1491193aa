<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Exposure\Mains;
use Kaddle\Core\Gear\BodyForm;
use Kaddle\Core\Gear\EarlierGear;
use Kaddle\Core\Gear\LensForm;
use Kaddle\Core\Gear\UnitForm;
use Kaddle\Core\Intake\Faults;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Intake\Fields;
use Kaddle\Core\Intake\Json;
use Kaddle\Core\Intake\JsonSize;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Motion\Drag;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Situation\Moment;

/**
 * Start here with data from outside: a moment document (schema/moment.schema.json) in, a moment out.
 *
 * The page and the shell both come through here, so both refuse the same
 * things in the same sentences.
 */
final class MomentReader
{
    /** A moment takes one or two kilobytes; whatever is larger is something else. */
    public const MOST_BYTES = 65_536;
    private const MOST_VALUES = 6000;

    private function __construct() {}

    /** @throws FaultyDocument */
    public static function fromJson(string $json): Moment
    {
        $data = Json::read($json, JsonSize::of(self::MOST_BYTES, self::MOST_VALUES));
        if (!is_array($data) || array_is_list($data)) {
            throw FaultyDocument::asAWhole('A moment must be a JSON object.');
        }

        return self::fromArray($data);
    }

    /**
     * @param array<array-key, mixed> $data a decoded moment document
     *
     * @throws FaultyDocument
     */
    public static function fromArray(array $data): Moment
    {
        if (($data['version'] ?? null) === EarlierGear::VERSION) {
            $data['version'] = MomentForm::VERSION;
            if (is_array($data['flash'] ?? null)) {
                $data['flash'] = EarlierGear::unit($data['flash']);
            }
        }
        $faults = new Faults();
        $moment = self::moment(MomentForm::document()->read(Fields::of($data, '', $faults)));
        $faults->mustBeNone();

        return $moment ?? throw new \LogicException('a moment without a fault that cannot be built');
    }

    /** @return Moment|null null after what forbids it was noted */
    private static function moment(Record $document): ?Moment
    {
        $scene = SceneForm::scene($document);
        $body = BodyForm::body($document->record('body'), $document, 'body');
        $lens = LensForm::lens($document);
        $unit = UnitForm::unit($document);
        $glow = $document->isSound('glow')
            ? LevelForm::level($document->record('glow'), 'glow', $body->step ?? Step::Third)
            : null;
        $faceGlow = $glow !== null && $document->isSound('onFace') ? FaceGlowForm::of($document, $glow, $body->step ?? Step::Third) : null;
        if ($body === null || $lens === null || $unit === null) {
            return null;
        }
        $look = LookForm::look($document, $body, $lens, $unit);
        $pointing = HeadForm::pointing($document, $unit);
        $drag = $document->has('drag') && $document->isSound('drag') ? $document->record('drag') : null;
        $people = $document->isSound('people', 'drag') ? SceneForm::peopleOf($document->record('people'), $drag) : null;
        if ($scene !== null && $people !== null) {
            SceneForm::checkGroup($document, $scene, $people);
        }
        $moves = $drag === null ? Drag::none() : DragForm::drag($drag, $lens);

        return $scene === null || $people === null || $glow === null || $faceGlow === null || $look === null || $pointing === null || $moves === null || !$document->isSound(
            'mains',
            'outdoors',
            'roomKelvin',
            'version',
        )
            ? null
            : Moment::of(
                $scene,
                $glow,
                $look,
                $pointing,
                $body,
                $lens,
                $unit,
                $people,
                $document->choice('mains', Mains::class),
                $document->has('outdoors') ? ExposureValue::atIso100($document->number('outdoors')) : null,
                $moves,
                $faceGlow,
                $document->has('roomKelvin') ? Kelvin::of($document->number('roomKelvin')) : null,
            );
    }
}
