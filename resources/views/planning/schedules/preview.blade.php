<h3>What happens next</h3>
@if ($problem)<p class="error">{{ $problem }}</p>@else
<p class="small">{{ $sentence }}</p>
<table><thead><tr><th>visit</th><th class="r">order made</th></tr></thead><tbody>@foreach ($visits as $visit)<tr><td>{{ $words->weekday($visit->planned) }}</td><td class="r">{{ $words->day($visit->release) }}</td></tr>@endforeach</tbody></table>
@if ($visits === [])<p class="error">No visit falls within its end.</p>@endif
@foreach ($warnings as $warning)<p class="note small">{{ $warning }}</p>@endforeach
<p class="quiet small">If each visit is done on its day.</p>@endif
