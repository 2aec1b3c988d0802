<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $about->title }}</title>
<style>
@page { margin: 16mm 14mm 18mm 16mm; }
body { font: 9.5pt/1.35 "DejaVu Sans"; color: #000; }
h1 { font-size: 22pt; margin: 60mm 0 2mm; }
h2 { font-size: 13pt; margin: 0 0 3mm; border-bottom: 1.2pt solid #000; padding-bottom: 1mm; }
h3 { font-size: 10.5pt; margin: 4mm 0 1mm; }
.page { page-break-before: always; }
table { width: 100%; border-collapse: collapse; }
thead { display: table-header-group; }
tr { page-break-inside: avoid; }
th { text-align: left; font-size: 8pt; border-bottom: .8pt solid #000; padding: 1mm 1.5mm 1mm 0; }
td { vertical-align: top; border-bottom: .3pt solid #777; padding: 1mm 1.5mm 1mm 0; }
.whole { page-break-inside: avoid; }
.tight { white-space: nowrap; }
.mono { font-family: "DejaVu Sans Mono"; font-size: 8.5pt; }
.small { font-size: 8pt; }
.box { border: .8pt solid #000; height: 14mm; }
ul { margin: 0 0 2mm 4mm; padding: 0; }
</style>
</head>
<body>
@if ($workshop->name !== '')<p><b>{{ $workshop->name }}</b><br>{!! nl2br(e($workshop->address)) !!}</p>@endif
<h1>{{ $about->title }}</h1>
<p>{{ $about->vehicle }}</p>
<p>{{ $about->customer }}</p>
<p>Version {{ $version }}, printed {{ $printed }}. Stage: {{ str_replace('-', ' ', $standing['stage']) }}.</p>
@if ($about->notes !== '')<p>{{ $about->notes }}</p>@endif
<p class="small">Work on vehicles can injure and burn. Local codes, the vehicle maker’s data and licensed practice come first.</p>

<div class="page"><h2>What was done, and why</h2>
<table><thead><tr><th>Choice</th>
<th>Taken</th>
<th>Because</th></tr></thead><tbody>
@foreach ($design['choices'] as $choice)
<tr><td>{{ $choice['name'] }}</td>
<td>{{ $choice['label'] }}</td>
<td>{{ $because[$choice['id']] ?? '' }}</td></tr>
@endforeach
</tbody></table></div>

<div class="page"><h2>Circuit</h2>
<img src="data:image/svg+xml;base64,{{ base64_encode($drawing) }}" style="width: {{ $drawingMm }}mm" alt="">
</div>

<div class="page"><h2>Relays and plugs, from the wire side</h2>
@foreach ($design['pinCards'] as $plug)
<div class="whole"><h3>{{ $plug['mark'] }}, {{ $plug['name'] }}</h3>
<table><thead><tr><th style="width: 14%">Pin</th>
<th>Wires</th></tr></thead><tbody>
@foreach ($plug['pins'] as $pin)
<tr><td class="mono">{{ $pin['number'] }}</td>
<td>@foreach ($pin['wires'] as $wire)
<span class="mono">{{ $wire['wire'] }}</span> {{ $wire['colour'] }}, {{ $wire['size'] }}, to {{ $wire['to'] }}@if (! $loop->last); @endif @endforeach</td></tr>
@endforeach
</tbody></table></div>
@endforeach
</div>

<div class="page"><h2>Cut list</h2>
<table><thead><tr><th>Wire</th>
<th>From</th>
<th>To</th>
<th>Colour</th>
<th>Size</th>
<th>Length</th>
<th>Terminals</th></tr></thead><tbody>
@foreach ($design['wires'] as $wire)
<tr><td class="mono">{{ $wire['id'] }}</td><td class="mono">{{ $wire['from'] }}</td><td class="mono">{{ $wire['to'] }}</td>
<td>{{ $wire['colourName'] }}</td>
<td class="tight">{{ $wire['size'] }}</td>
<td>{{ $wire['isThere'] ? 'there' : $wire['lengthM'].' m' }}</td><td class="small">{{ $wire['fromTerminal'] }}; {{ $wire['toTerminal'] }}</td></tr>
@endforeach
</tbody></table></div>

<div class="page"><h2>Parts</h2>
<table><thead><tr><th>Part</th>
<th>Quantity</th>
<th>For</th>
<th>Price</th></tr></thead><tbody>
@foreach ($design['parts'] as $part)
<tr><td>{{ $part['part'] }}</td>
<td>{{ $part['quantity'] }} {{ $part['unit'] }}</td>
<td>{{ $part['for'] }}</td>
<td>{{ $part['price'] === null ? '' : number_format($part['price'] * $part['quantity'], 2) }}</td></tr>
@endforeach
<tr><td><b>Total</b></td>
<td></td>
<td></td>
<td><b>{{ number_format(array_sum(array_map(static fn ($part) => $part['price'] * $part['quantity'], $design['parts'])), 2) }}</b></td></tr>
</tbody></table>
@php($hours = array_sum(array_column($standing['work'], 'minutes')) / 60)
@php($parts = array_sum(array_map(static fn ($part) => $part['price'] * $part['quantity'], $design['parts'])))
<p>Hours planned: {{ number_format($hours, 1) }}@if ($workshop->hourPrice > 0), at {{ number_format($workshop->hourPrice, 2) }} {{ $workshop->money }} an hour
{{ number_format($hours * $workshop->hourPrice, 2) }} {{ $workshop->money }}; with the parts
<b>{{ number_format($parts + $hours * $workshop->hourPrice, 2) }} {{ $workshop->money }}</b>@endif.</p></div>

<div class="page"><h2>Set points</h2>
<table><thead><tr><th>Stage</th>
<th>On</th>
<th>Off</th>
<th>Felt at</th>
<th>How it is set</th>
<th>Commanded on, engine idling</th></tr></thead><tbody>
@foreach ($card['rows'] as $row)
<tr><td>{{ $row['stage'] }}</td>
<td>{{ $row['onC'] === null ? '–' : $row['onC'].' °C / '.$row['onF'].' °F' }}</td>
<td>{{ $row['offC'] === null ? '–' : $row['offC'].' °C / '.$row['offF'].' °F' }}</td>
<td>{{ $row['place'] }}</td>
<td>{{ $row['how'] }}</td>
<td>{{ $row['commanded']['says'] }}</td></tr>
@endforeach
</tbody></table></div>

<div class="page"><h2>Tests and readings</h2>
<table><thead><tr><th style="width: 36%">Test</th>
<th>Leads</th>
<th>Should read</th>
<th>Read</th>
<th>By</th></tr></thead><tbody>
@foreach ($standing['tests'] as $test)
@php($reading = $readings[$test['id']] ?? null)
<tr><td>@if ($test['setting'] !== ($before ?? null) && $test['setting'] !== [])<span class="small">{{ implode(' ', $test['setting']) }}</span><br>@endif
<b>{{ $test['title'] }}</b>@php($before = $test['setting'])</td>
<td class="mono">{{ implode(' – ', array_column($test['leads'], 'name')) }}</td>
<td>{{ $test['says'] }}</td>
<td>@if ($reading !== null)<b>{{ $reading['typed'] }}</b> {{ $reading['passes'] === null ? '(no longer counts)' : ($reading['passes'] ? 'passes' : 'OUTSIDE') }}@endif</td>
<td>{{ $reading['by'] ?? '' }}</td></tr>
@endforeach
</tbody></table></div>

@if ($comparison !== null)
<div class="page"><h2>Before and after</h2>
<p>How far the warm coolant stood above the weather, in the last log before the work and the last one after it.</p>
@if ($comparison['refused'] !== null)<p>{{ $comparison['refused'] }}</p>@endif
<table><thead><tr><th>Speed</th><th>Before</th><th>After</th><th>Difference</th><th>So</th></tr></thead><tbody>
@foreach ($comparison['rows'] as $row)
<tr><td>{{ $row['name'] }}</td><td>{{ number_format($row['beforeK'], 1) }} K</td><td>{{ number_format($row['afterK'], 1) }} K</td>
<td>{{ number_format($row['byK'], 1) }} ± {{ number_format($row['withinK'], 1) }} K</td><td>{{ $row['says'] }}</td></tr>
@endforeach
</tbody></table></div>
@endif

<div class="page"><h2>Proof</h2>
@if ($design['findings'] === [])<p>No findings.</p>@endif
<table><thead><tr><th>Severity</th>
<th>Finding</th>
<th>Accepted</th></tr></thead><tbody>
@foreach ($findings as $finding)
<tr><td>{{ $finding['severity'] }}</td>
<td><b>{{ $finding['title'] }}</b><br>{{ $finding['reason'] }}</td>
<td>{{ $finding['accepted']['reason'] ?? '' }} {{ $finding['accepted']['by'] ?? '' }}</td></tr>
@endforeach
</tbody></table></div>

<div class="page"><h2>Where everything sits, and what was written down</h2>
@if ($notes === [])<p>Nothing was written down.</p>@endif
@foreach ($notes as $note)
<p><b>{{ substr($note['at'], 0, 10) }}</b> {{ str_replace('-', ' ', $note['kind']) }}: {{ $note['text'] }} <span class="small">{{ $note['by'] }}</span></p>
@endforeach
<h2 style="margin-top: 12mm">Sign-off</h2>
@if ($signed !== null)<p>Signed off by <b>{{ $signed['text'] }}</b>, {{ substr($signed['at'], 0, 10) }}.</p>@else
<table><tr><td style="width: 60%"><div class="box"></div>Name and signature</td>
<td><div class="box"></div>Date</td></tr></table>@endif
<h3>To be looked at again</h3>
<ul><li>After a week: hose clamps, level, the warmth of plugs and fuses.</li><li>After a season: terminals and earths.</li></ul>
</div>
</body>
</html>
