<?php

declare(strict_types=1);

// Prints the largest night that a document may hold: 300 moments in 60 rooms, each room with
// all windows, lamps, dimmer states and readings that it may have, 500 pieces, long notes,
// 200 lamps in the backdrop of every moment.
//   php core/bench/largest-night.php > largest.json

/** @var array{place: array{rooms: non-empty-list<array<string, mixed>>}, pieces: non-empty-list<array<string, mixed>>, moments: non-empty-list<array{plan: array<string, mixed>}>} $example */
$example = json_decode((string) file_get_contents(__DIR__ . '/../examples/night.json'), true, 32, JSON_THROW_ON_ERROR);

$uid = static fn(int $group, int $i): string => sprintf('6b1d2f00-0000-4000-9%03x-%012x', $group, $i);
$clock = static fn(int $minutes): string => sprintf('%02d:%02d', intdiv($minutes, 60) % 24, $minutes % 60);
$words = static fn(string $what, int $length): string => mb_substr(str_repeat("$what – größer, näher, später; ", 100), 0, $length);

$room = $example['place']['rooms'][0];
$example['place']['rooms'] = array_map(static fn(int $i): array => [
    'uid' => $uid(1, $i),
    'name' => "Room $i",
    'windows' => array_map(static fn(int $w): array => ['name' => $words("Window $w", 60), 'share' => 0.1, 'wall' => 'left'], range(1, 20)),
    'lamps' => array_map(static fn(int $l): array => [
        'name' => $words("Lamp $l", 60), 'lux' => 3.5, 'kelvin' => 2700, 'hangs' => 3,
        'states' => array_map(static fn(int $s): array => ['from' => $clock(1020 + 15 * $s), 'level' => 100 - 4 * $s], range(0, 23)),
    ], range(1, 20)),
    'readings' => array_map(static fn(int $r): array => [
        'spot' => $words("Spot $r", 60), 'at' => sprintf('2027-09-%02dT%s', 1 + $r % 28, $clock(960 + $r)), 'kind' => 'metered', 'shutter' => '1/30', 'aperture' => 'f/2.8', 'iso' => '1600',
    ], range(1, 200)),
] + $room, range(1, 60));

$pieces = $example['pieces'];
for ($i = count($pieces); $i < 500; ++$i) {
    $piece = $pieces[$i % count($pieces)];
    $example['pieces'][] = ['uid' => $uid(2, $i), 'name' => "Piece $i"] + $piece;
}

$moment = $example['moments'][0];
$lamp = [
    'across' => -49.95, 'up' => -49.95, 'away' => 499.5, 'ev' => 12.5, 'size' => 1999.5, 'kelvin' => 11999.5, 'speedAcross' => -14.95, 'speedUp' => -14.95,
    'beat' => 'filament',
];
$example['moments'] = array_map(static fn(int $i): array => [
    'uid' => $uid(3, $i),
    'room' => $uid(1, 1 + $i % 60),
    'drag' => ['movement' => 'slow-dance', 'lamps' => array_fill(0, 200, $lamp)],
    'subject' => ['distance' => round(2.0 + $i / 100, 2), 'height' => 1.6],
    'plan' => ['name' => "Moment $i", 'starts' => $clock(960 + 2 * $i), 'minutes' => 2, 'notes' => $words("Notes $i", 2000), 'marks' => $words('Crop', 500)] + $moment['plan'],
] + $moment, range(1, 300));

echo json_encode(['uid' => $uid(4, 1), 'name' => 'The largest night'] + $example, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
