<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $night->name }}: packing list</title>
<style>
@page { margin: 10mm 9mm; }
body { margin: 0; font-family: "DejaVu Sans"; font-size: 9pt; line-height: 1.3; color: #000; }
h1 { margin: 0; font-size: 13pt; line-height: 1.2; }
h2 { margin: 3mm 0 1mm; font-size: 10pt; border-bottom: 0.3mm solid; }
p { margin: 0 0 1mm; }
table { border-collapse: collapse; width: 100%; }
td { padding: 0.8mm 2mm 0.8mm 0; vertical-align: top; }
.box { width: 5mm; font-size: 12pt; line-height: 1; }
.small { font-size: 7.5pt; }
tr { page-break-inside: avoid; }
</style>
</head>
<body>
<h1>{{ $night->name }}</h1>
<p class="small">{{ $night->held_on->format('l, j F Y') }}, {{ $night->venue->name }}. To pack, by what its moments name.</p>
@foreach ($kinds as [$kind, $lines])
<h2>{{ ucfirst($kind) }}</h2>
<table>
    @foreach ($lines as [$name, $figures])
    <tr><td class="box">☐</td><td><strong>{{ $name }}</strong><br><span class="small">{{ $figures }}</span></td></tr>
    @endforeach
</table>
@endforeach
<h2>Power</h2>
<table>
    @foreach ($energy as $unit)
    <tr><td class="box">☐</td><td><strong>{{ $unit->carry }}</strong> for each {{ $unit->name }}<br><span class="small">The night drains {{ number_format($unit->setsUsed, 1) }} sets of {{ $unit->cells }}, with a fifth to spare{{ $unit->has === null ? '' : "; the bag has $unit->has" }}.</span></td></tr>
    @endforeach
</table>
</body>
</html>
