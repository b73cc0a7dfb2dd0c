@php($rest = $page->open->rest())
<div class="rest-words">
    <p>{{ BenchGlow\Quantity\Words::count(count($page->plan->acts), 'act') }} to go</p>
    @foreach ($rest->unsafe as $why)
        <p class="caution"><b>Don't leave it so: {{ $why }}.</b></p>
    @endforeach
    @if ($rest->may !== [])
        <p>May be used: {{ implode(', ', array_map(lcfirst(...), $rest->may)) }}.</p>
    @endif
    @if ($rest->notYet !== [])
        <p>Not yet: {{ implode('; ', array_map(lcfirst(...), array_slice($rest->notYet, 0, 3))) }}.</p>
    @endif
</div>
