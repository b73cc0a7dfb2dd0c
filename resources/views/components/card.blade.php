@props(['page', 'card'])
<li @class([
    'card-way',
    'used' => $card->onTheBench,
    'first' => $card->first,
])>
    <h3>{{ $card->title }}</h3>
    <svg
        class="mini"
        viewBox="0 0 158 46"
        width="158"
        height="46"
        aria-hidden="true"
    >{!! BenchGlow\Drawing\Svg::shapes($card->shapes) !!}</svg>
    <p><b class="figure">{{ $card->figure }}</b> {{ $card->says }}</p>
    @if ($card->cost !== '')
        <p class="cost">{{ $card->cost }}</p>
    @endif
    @if ($card->why !== '')
        <p class="why">{{ $card->why }}</p>
    @endif
    @if ($card->onTheBench)
        <p class="on-bench">on the bench</p>
    @elseif($card->edit !== null)
        <x-act
            :edit="$card->edit"
            class="is-small"
        >Use {{ lcfirst($card->title) }}</x-act>
    @else<p class="cost">can't be used</p>
    @endif
</li>
