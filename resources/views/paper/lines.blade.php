@php($px = 96.0 / 25.4)
<svg xmlns="http://www.w3.org/2000/svg" width="{{ 297 * $px }}" height="{{ 210 * $px }}">
@foreach ($lines as [$x1, $y1, $x2, $y2, $thick])
<line x1="{{ round($x1 * $px, 2) }}" y1="{{ round($y1 * $px, 2) }}" x2="{{ round($x2 * $px, 2) }}" y2="{{ round($y2 * $px, 2) }}" stroke="{{ $thick < 0.2 ? '#999' : '#000' }}" stroke-width="{{ round($thick * $px, 2) }}"/>
@endforeach
</svg>
