<?php

declare(strict_types=1);

namespace Tests\Feature\Moments;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Drafts that no page sends: told by field on every route, and nothing of them is stored. */
final class HostileDraftsTest extends TestCase
{
    /** @param array<string, mixed> $changes */
    #[DataProvider('badDrafts')]
    public function testRefusesBadInputByFieldAndStoresNothing(array $changes, string $field, string $sentence): void
    {
        $moment = $this->momentOf($user = $this->person());
        $before = [DB::table('moments')->get()->all(), DB::table('rooms')->get()->all()];
        $draft = $this->draftOf($moment, array_map(static fn(mixed $v): mixed => $v === 'LENS' ? $moment->lens_id : $v, $changes));
        $this->actingAs($user)->putJson("/moments/{$moment->id}", $draft)->assertUnprocessable()->assertJsonValidationErrors([$field => $sentence]);
        foreach (['solve', 'strip', 'ways', 'costs', 'colour', 'picture', 'pictured', 'drag', 'ask', 'compare', 'pins'] as $what) {
            $this->postJson("/moments/{$moment->id}/$what", $draft)->assertUnprocessable()->assertJsonValidationErrors([$field => $sentence]);
        }
        self::assertEquals($before, [DB::table('moments')->get()->all(), DB::table('rooms')->get()->all()]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function badDrafts(): iterable
    {
        yield 'negative distance' => [['subject.distance' => -1], 'subject.distance', '0.4 to 100 m; it is −1'];
        yield 'subject outside the room' => [['subject.distance' => 12], 'subject.distance', 'there are 9.95 m'];
        yield 'no ceiling' => [['room.height' => 0], 'room.height', '2 to 40 m; it is 0'];
        yield 'what JSON makes of NaN' => [['subject.distance' => null], 'subject.distance', 'must be a number'];
        yield 'NaN as text' => [['subject.distance' => 'NaN'], 'subject.distance', 'must be a number'];
        yield 'endless ISO' => [['glow' => ['metered' => ['shutter' => '1/60', 'aperture' => 'f/4', 'iso' => 1e9]]], 'glow.metered.iso', 'not a customary ISO'];
        yield 'unknown finish' => [['room.finishes.ceiling' => 'gold-leaf'], 'room.finishes.ceiling', 'must be one of'];
        yield 'a field nobody knows' => [['room.colour' => 'red'], 'room.colour', 'is not a field here'];
        yield 'room as text' => [['room' => 'big'], 'room', 'must be an object'];
        yield 'no name' => [['name' => ''], 'name', 'name must not be empty'];
        yield 'markup in the name' => [['name' => '<b>Supper</b>'], 'name', 'must be plain text'];
        yield 'an endless name' => [['name' => str_repeat('x', 81)], 'name', 'at most 80 characters'];
        yield 'a name that is a list' => [['name' => ['a', 'b']], 'name', 'must be text'];
        yield 'a time that is a number' => [['startsAt' => 1930], 'startsAt', 'a time of day, like 19:30'];
        yield 'no time' => [['startsAt' => '25:99'], 'startsAt', 'a time of day, like 19:30'];
        yield 'no body' => [['bodyId' => 'best'], 'bodyId', 'Choose one from your bag.'];
        yield 'nobody’s lens' => [['lensId' => 999_999], 'lensId', 'Choose one from your bag.'];
        yield 'an id beyond all numbers' => [['flashId' => '99999999999999999999999'], 'flashId', 'Choose one from your bag.'];
        yield 'a lens for a body' => [['bodyId' => 'LENS'], 'bodyId', 'Choose one from your bag.'];
        yield 'a list of flash units' => [['flashId' => [1, 2]], 'flashId', 'Choose one from your bag.'];
        yield 'half a flash unit' => [['flashId' => 0.5], 'flashId', 'Choose one from your bag.'];
        yield 'an outfit that is a word' => [['outfit' => 'dome'], 'outfit', 'must be an object'];
        yield 'a modifier that is a word' => [['outfit.modifierId' => 'dome'], 'outfit.modifierId', 'Choose one from your bag.'];
        yield 'a gel of nobody' => [['outfit.gelId' => 999_999], 'outfit.gelId', 'Choose one from your bag.'];
        yield 'a curve that is a word' => [['glow.curve' => 'maybe'], 'glow.curve', 'must be true or false'];
        yield 'a drag that is a word' => [['drag' => 'long'], 'drag', 'must be an object'];
        yield 'a drag faster than anybody' => [['drag.speed' => 15.5], 'drag.speed', '0 to 15 m/s'];
        yield 'a shutter held open for a day' => [['drag.seconds' => 86_400], 'drag.seconds', '0.001 to 3600 s'];
        yield 'a shutter held open for nothing' => [['drag.seconds' => 0], 'drag.seconds', '0.001 to 3600 s'];
        yield 'beyond a turn' => [['drag' => ['camera' => 'twist', 'angle' => 400]], 'drag.angle', '−360 to 360'];
        yield 'a zoom to nothing' => [['drag' => ['camera' => 'zoom', 'ratio' => 0]], 'drag.ratio', '0.1 to 10'];
        yield 'focused nearer than any lens goes' => [['drag.focus' => 0.1], 'drag.focus', '0.4 to 100 m'];
        yield 'lamps without number' => [['drag.lamps' => array_fill(0, 201, ['across' => 0, 'up' => 0, 'away' => 5, 'ev' => 9])], 'drag.lamps', '1 to 200'];
        yield 'a glow that is a list' => [['glow' => [4]], 'glow', 'must be an object'];
        yield 'a glow that is a number' => [['glow' => 4], 'glow', 'must be an object'];
        yield 'compensations as a number' => [['dialled' => 1], 'dialled', 'must be an object'];
        yield 'half of the compensations' => [['dialled' => ['body' => 1]], 'dialled.exposure', 'must be a number'];
        yield 'a shutter held past sync' => [['look.locks' => ['shutter' => '1/1000']], 'look.locks.shutter', 'a bar of the frame would stay dark'];
        yield 'an aperture held that the lens lacks' => [['look.locks' => ['aperture' => 'f/1']], 'look.locks.aperture', 'This lens has'];
        yield 'a zoom that is none' => [['focalLength' => 50], 'focalLength', 'This lens has 35 mm only.'];
        yield 'a school nobody goes to' => [['look.school' => 'by-ear'], 'look.school', 'must be one of'];
        yield 'a light to keep without a level' => [['look.keep' => ['what' => 'candles']], 'look.keep.ev', 'must be a number'];
        yield 'a light to keep with two levels' => [['look.keep' => ['what' => 'candles', 'ev' => 8, 'metered' => ['shutter' => '1/60', 'aperture' => 'f/4', 'iso' => '800']]], 'look.keep.ev', 'not both'];
        yield 'a light to keep metered by halves' => [['look.keep' => ['what' => 'candles', 'metered' => ['shutter' => '1/60']]], 'look.keep.metered.iso', 'is missing'];
        yield 'a light to keep that is none' => [['look.keep' => ['what' => 'moon', 'ev' => 1]], 'look.keep.what', 'must be one of'];
        yield 'fill over correct' => [['look.fill' => -1], 'look.fill', '0 to 3 stops under; it is −1'];
        yield 'a filter like a wall' => [['look.nd' => 1e300], 'look.nd', '0 to 10 stops'];
        yield 'a filter as a list' => [['look.nd' => [1, 2]], 'look.nd', 'must be a number'];
        yield 'high-speed sync as a word' => [['look.highSpeed' => 'yes'], 'look.highSpeed', 'must be true or false'];
        yield 'a way nobody points' => [['head' => 'sideways'], 'head', 'must be one of'];
        yield 'by hand without angles' => [['head' => 'by-hand'], 'pointing', 'must be an object'];
        yield 'a head turned round and round' => [['head' => 'by-hand', 'pointing' => ['turn' => 720, 'tilt' => 0]], 'pointing.turn', '−180 to 180'];
        yield 'a zoom beyond the unit' => [['zoom' => 299], 'zoom', 'must be'];
        yield 'a compensation beyond the body' => [['dialled' => ['body' => 4, 'exposure' => 0]], 'dialled.body', '−3 to 3 stops'];
        yield 'a compensation as a word' => [['dialled' => ['body' => 0, 'exposure' => 'up']], 'dialled.exposure', 'must be a number'];
        yield 'people nobody reads here' => [['look.people' => []], 'look.people', 'is not a field here'];
        yield 'focal length as text' => [['focalLength' => 'wide'], 'focalLength', 'must be a number, 8 to 600 mm'];
    }
}
