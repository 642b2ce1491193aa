<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $night->name }}: score</title>
<style>
@page { margin: 0; }
body { margin: 0; font-family: "DejaVu Sans"; font-size: 7pt; line-height: 1; color: #000; }
.at { position: absolute; white-space: nowrap; }
.lane { font-size: 8pt; font-weight: bold; }
.hour { font-size: 7.5pt; color: #444; }
.name { font-size: 7pt; font-weight: bold; }
.value { font-size: 7.5pt; font-weight: bold; }
.small { font-size: 6.5pt; }
.more { page-break-before: always; margin: 8mm; font-size: 8pt; line-height: 1.4; }
.rules { position: absolute; left: 2mm; top: 164mm; width: 287mm; font-size: 7pt; line-height: 1.3; }
</style>
</head>
<body>
<div class="at" style="left: 2mm; top: 6mm; font-size: 14pt; font-weight: bold">{{ $night->name }}</div>
<div class="at" style="left: 2mm; top: 14mm; font-size: 8pt">{{ $night->held_on->format('l, j F Y') }}, {{ $night->venue->name }}. {{ $sheet->score->score->favour->inWords() }}: {{ round($sheet->score->score->turns) }} turns.{{ $sheet->score->sunset === null ? '' : ' Sunset at ' . $voice->time(\Kaddle\Core\Glow\Evening::clock($sheet->score->sunset)) . '.' }}</div>
<img class="at" style="left: 0; top: 0; width: 297mm; height: 210mm" src="data:image/svg+xml;base64,{{ base64_encode(view('paper.lines', ['lines' => $sheet->lines])->render()) }}">
@foreach ($sheet->texts as [$left, $top, $text, $look])
<div class="at {{ $look }}" style="left: {{ round($left, 2) }}mm; top: {{ round($top, 2) }}mm">{{ $text }}</div>
@endforeach
<div class="{{ $sheet->hasManyNotes() ? 'more' : 'rules' }}">
@foreach ($sheet->notes as [$whose, $note])
<strong>{{ $whose }}</strong> {{ $note }}<br>
@endforeach
</div>
</body>
</html>
