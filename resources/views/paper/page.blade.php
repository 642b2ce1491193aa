<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $night->name }}</title>
<style>
@page { margin: 7mm 7mm; }
body { margin: 0; font-family: "DejaVu Sans"; font-size: 8pt; line-height: 1.2; color: #000; }
h1 { margin: 0; font-size: 12pt; line-height: 1.2; }
p { margin: 0 0 2mm; }
table { border-collapse: collapse; width: 100%; }
td { padding: 0.4mm 1mm 0.2mm 0; vertical-align: top; text-align: left; border-top: 0.2mm solid #777; }
.set { font-weight: bold; font-size: 9.5pt; white-space: nowrap; }
.turn { border-top: none; padding: 0 0 0.4mm; font-size: 7pt; }
.name { font-weight: bold; width: 48mm; }
.small { font-size: 7.5pt; }
tr { page-break-inside: avoid; }
</style>
</head>
<body>
<h1>{{ $night->name }}</h1>
<p class="small">{{ $night->held_on->format('l, j F Y') }}, {{ $night->venue->name }}. {{ $score->favour->inWords() }}: {{ round($score->turns) }} turns.</p>
<table>
@foreach ($score->bars as $i => $bar)
<tr>
    <td class="small">{{ $voice->time($bar->from) }}</td>
    <td class="small name">{{ Str::limit($bar->name, 30) }}</td>
    <td class="set">{{ $bar->shutter }}</td>
    <td class="set">{{ $bar->aperture }}</td>
    <td class="set">{{ $bar->iso }}</td>
    <td class="set">{{ $bar->output }}</td>
</tr>
<tr><td class="turn"></td><td class="turn" colspan="5">{{ $bar->output === 'off' ? 'Flash off' : "Head: " . lcfirst($bar->head) }}.{{ $bar->changes === [] ? '' : ' Turn: ' . implode(', ', array_column($bar->changes, 'label')) . '.' }}{{ $bar->feasible ? '' : ' ' . implode(' ', array_column($bar->shortfalls, 'sentence')) }}</td></tr>
@endforeach
</table>
</body>
</html>
