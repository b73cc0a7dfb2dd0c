<li @class(['choice', 'used' => $card->onTheBench])>
    <h2>{{ $card->words }}</h2>
    @if ($card->drawing)
        <svg
            class="way-drawing"
            viewBox="0 0 {{ $card->drawing->width }} {{ $card->drawing->height }}"
            aria-hidden="true"
        >{!! BenchGlow\Drawing\Svg::shapes($card->drawing->shapes) !!}</svg>
    @endif
    <p>{{ $card->meets ? 'Glows as wished.' : 'Does not do what is wished.' }} <span
            class="figure price">{{ $card->price }}</span></p>
    @if ($card->changes !== '')
        <p class="cost">{{ $card->changes }}</p>
    @endif
    @if ($card->onTheBench)
        <p class="on-bench">on the bench</p>
    @elseif ($card->edit)
        <x-act
            :edit="$card->edit"
            :to="$frame->toEditClosing('clause')"
            class="is-small"
            :aria-label="'Choose it: ' . lcfirst($card->words)"
        >Choose it</x-act>
    @endif
</li>
