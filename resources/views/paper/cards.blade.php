<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $night->name }}: cards</title>
<style>
@page { margin: 0; }
html, body { background: {{ $dark ? '#000' : '#fff' }}; }
body { margin: 0; font-family: "DejaVu Sans"; font-size: 8pt; line-height: 1.25; color: {{ $dark ? '#f2efe8' : '#000' }}; }
.card { page-break-after: always; padding: 5mm 6mm 0; }
.card.last { page-break-after: auto; }
h1 { margin: 0; font-size: 12pt; line-height: 1.1; }
p { margin: 0 0 1mm; }
table { border-collapse: collapse; width: 100%; }
td, th { padding: 0; text-align: left; vertical-align: top; font-weight: normal; }
.settings { margin: 1.5mm 0; border-top: 0.5mm solid; border-bottom: 0.5mm solid; }
.settings td { padding: 0.5mm 0 1mm; font-size: 19pt; font-weight: bold; line-height: 1.1; width: 50%; }
.clicks td { padding: 0.2mm 1mm 0.2mm 0; font-size: 9pt; line-height: 1.15; }
.clicks .turn { font-weight: bold; font-size: 11pt; width: 8mm; }
.clicks .at { width: 15mm; white-space: nowrap; }
.clicks .lack { font-size: 7.5pt; }
.small { font-size: 7pt; }
.head { font-size: 11pt; font-weight: bold; }
.short { border: 0.4mm solid; padding: 1mm; font-weight: bold; }
h2 { margin: 1.5mm 0 0.5mm; font-size: 7.5pt; font-weight: bold; border-bottom: 0.2mm solid; }
</style>
</head>
<body>
@foreach ($score->bars as $i => $bar)
@php($card = $score->cards[$i])
<div class="card{{ $loop->last ? ' last' : '' }}">
    <h1>{{ $voice->time($bar->from) }}–{{ $voice->time($bar->until) }} {{ Str::limit($bar->name, 44) }}</h1>
    <p class="small">{{ $rooms[$i] }} · {{ $bar->lens }}, {{ $bar->focalLength }} mm{{ $bar->modifier === null ? '' : " · $bar->modifier" }}{{ $bar->gel === null ? '' : " · $bar->gel" }}</p>
    <table class="settings">
        <tr><td>{{ $bar->shutter }}</td><td>{{ $bar->aperture }}</td></tr>
        <tr><td>{{ $bar->iso }}</td><td>{{ $bar->output === 'off' ? 'flash off' : $bar->output }}</td></tr>
    </table>
    @if ($bar->output !== 'off')
    <p class="head">Head: {{ lcfirst($bar->head) }}</p>
    @endif
    @if ($bar->twoLights !== '')
    <p class="small">{{ $bar->twoLights }}</p>
    @endif
    @if ($bar->balance !== null)
    <p>White balance {{ round($bar->balance) }} K</p>
    @endif
    @if ($card->curtain !== '')
    <p>{{ ucfirst($card->curtain) }}{{ $card->compensation === null ? '' : " · on automatic, compensation $card->compensation" }}</p>
    @endif
    @if ($bar->changes !== [])
    <p><strong>{{ $loop->first ? 'Begin with' : 'Turn' }}:</strong> {{ implode(', ', array_column($bar->changes, 'label')) }}</p>
    @endif
    @foreach ($bar->shortfalls as $short)
    <p class="short">{{ $short->sentence }}</p>
    @endforeach
    <table><tr>
    <td style="width: 56%">
        @if ($card->distances !== [])
        <h2>Output by distance</h2>
        <table class="clicks">
            @foreach ($card->distances as $cell)
            <tr><td class="turn">{{ $cell->turn }}</td><td class="at">{{ $cell->label }}</td><td class="{{ $cell->note === '' ? '' : 'lack' }}">{{ $cell->note === '' ? $cell->output : $cell->note }}</td></tr>
            @endforeach
        </table>
        @endif
    </td>
    <td style="width: 44%; padding-left: 3mm">
        @if ($card->rows !== [])
        <h2>Front and back row</h2>
        <table class="clicks">
            @foreach ($card->rows as $cell)
            <tr><td class="turn">{{ $cell->turn }}</td><td class="at">{{ $cell->label }}</td><td>{{ $cell->output }}</td></tr>
            @endforeach
        </table>
        @endif
        @if ($card->ceilings !== [])
        <h2>Ceiling at</h2>
        <table class="clicks">
            @foreach ($card->ceilings as $cell)
            <tr><td class="turn">{{ $cell->turn }}</td><td class="at">{{ $cell->label }}</td><td>{{ $cell->output }}</td></tr>
            @endforeach
        </table>
        @endif
        @foreach ($card->rooms as $room)
        <h2>{{ $room->label }}</h2>
        <p>{{ ucfirst(implode(', ', $room->turns)) }}{{ $room->short === '' ? '' : '. Not all of it can be had.' }}</p>
        @endforeach
    </td>
    </tr></table>
    @if ($card->say !== [])
    <h2>Say</h2>
    <p>{{ implode(' ', $card->say) }}</p>
    @endif
</div>
@endforeach
</body>
</html>
