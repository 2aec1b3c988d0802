<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>Labels</title>
<style>
@page { margin: 8mm 6mm; }
body { font: 9pt/1.3 "DejaVu Sans"; color: #000; }
table { width: 100%; border-collapse: collapse; table-layout: fixed; }
tr { page-break-inside: avoid; }
td { height: 32mm; border: .3pt dashed #777; padding: 3mm; vertical-align: middle; }
b { font-size: 15pt; }
</style>
</head>
<body>
<table>
@foreach ($rows as $row)
<tr>
@foreach ($row as $label)
<td><b>{{ $label['id'] }}</b> {{ $label['colour'] }} {{ $label['size'] }}<br>here {{ $label['here'] }}<br>to {{ $label['there'] }}</td>
@endforeach
</tr>
@endforeach
</table>
</body>
</html>
