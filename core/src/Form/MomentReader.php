<?php

declare(strict_types=1);

namespace Kaddle\Core\Form;

use Kaddle\Core\Exposure\Mains;
use Kaddle\Core\Gear\GearReader;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Reading\Faults;
use Kaddle\Core\Reading\FaultyDocument;
use Kaddle\Core\Reading\Fields;
use Kaddle\Core\Reading\Json;
use Kaddle\Core\Reading\JsonSize;
use Kaddle\Core\Situation\Moment;

/**
 * Start here with data from outside: a moment document (schema/moment.schema.json) in, a moment out.
 *
 * The page and the shell both come through here, so both refuse the same
 * things in the same sentences.
 */
final readonly class MomentReader
{
    public const VERSION = 1;

    /** A moment takes one or two kilobytes; whatever is larger is something else. */
    public const MOST_BYTES = 65_536;

    private const MOST_VALUES = 4000;

    private function __construct(
        private Fields $document,
        private Faults $faults,
    ) {}

    /** @throws FaultyDocument */
    public static function fromJson(string $json): ReadMoment
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
    public static function fromArray(array $data): ReadMoment
    {
        $faults = new Faults();

        return (new self(Fields::of($data, '', $faults), $faults))->read();
    }

    private function read(): ReadMoment
    {
        $this->document->allowOnly('version', 'room', 'camera', 'subject', 'people', 'glow', 'mains', 'look', 'head', 'pointing', 'zoom', 'body', 'lens', 'flash');
        if (!$this->document->is('version', self::VERSION)) {
            $this->faults->add('version', sprintf('The version must be %d: this engine knows no other moment document.', self::VERSION));
        }
        $scene = (new SceneReader($this->document, $this->faults))->scene();
        $people = PeopleReader::people($this->document);
        $gear = new GearReader($this->document, $this->faults);
        $body = $gear->body();
        $lens = $gear->lens();
        $flash = $gear->flash();
        $glowing = $this->document->object('glow');
        $glowing->allowOnly('ev', 'metered');
        $level = LevelReader::in($glowing, 'glow', $body->step ?? Step::Third);
        $metered = $level->metered();
        $glow = $level->level($metered);
        $mains = $this->document->has('mains') ? $this->document->oneOf('mains', 'mains', Mains::class) : Mains::Hz50;
        $look = LookReader::look($this->document->object('look'), $body, $lens, $flash);
        $pointing = PointingReader::pointing($this->document, $flash);
        $this->faults->mustBeNone();
        assert($scene !== null && $people !== null && $glow !== null && $mains !== null && $look !== null && $pointing !== null && $body !== null && $lens !== null && $flash !== null);

        return new ReadMoment(Moment::of($scene[0], $glow, $look, $pointing, $body, $lens, $flash, $people, $mains), $scene[1], $metered);
    }
}
