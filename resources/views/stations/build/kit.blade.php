@php($kit = $page->sitting->kit())
@php($rest = $page->sitting->rest())
<details
    class="folded"
    id="kit"
>
    <summary>Tools and kit</summary>
    <p><b>This sitting:</b> {{ implode(', ', $kit->tools) ?: 'no tool' }}.</p>
    @if ($kit->gear !== [])
        <p><b>Worn and set up:</b> {{ implode(', ', $kit->gear) }}.</p>
    @endif
    @if ($kit->all() !== [])
        <p><b>Used up:</b> {{ implode('; ', $kit->all()) }}.</p>
    @endif
    @if (($stock = $page->sitting->stock()) !== [])
        <h3>To the end of the job</h3>
        <ul class="stock">
            @foreach ($stock as $what => $one)
                <li>
                    <x-form
                        op="stock"
                        :echo="'stock-' . $loop->index . '-echo'"
                        render="all"
                        :with="['what' => $what]"
                        class="says"
                    ><b>{{ BenchGlow\Steps\Kit::words($what, $one->needed) }}</b>
                        <x-field
                            :id="'stock-' . $loop->index"
                            label="left"
                            name="have"
                            size="5"
                            inputmode="decimal"
                            :value="$one->left === null ? '' : BenchGlow\Quantity\Shown::plain($one->left, 1)"
                        />
                        <button class="button is-small">Counted</button><span
                            class="echo"
                            id="stock-{{ $loop->index }}-echo"
                        ></span>
                    </x-form>
                </li>
            @endforeach
        </ul>
    @endif
    @if ($rest)
        <h3>How it is left when it ends as planned</h3>
        <p>May be used: {{ implode(', ', $rest->may) ?: 'nothing' }}.</p>
        <p>Not yet: {{ implode('; ', $rest->notYet) ?: 'nothing is kept back' }}.</p>
        <p>Left as: {{ implode('; ', $rest->leftAs) ?: 'it was' }}.</p>
        @foreach ($rest->unsafe as $why)
            <p class="caution"><b>{{ ucfirst($why) }}.</b></p>
        @endforeach
    @endif
    @foreach ($page->plan->arrivals->due as $part => $on)
        <p>{{ $page->plan->build->label((string) $part) }} is due {{ str_replace('T', ', ', $on) }}.
            <x-act
                :edit="new BenchGlow\Edit\Arrive((string) $part, App\Support\WallClock::now()->format('Y-m-d'))"
                class="is-small"
            >It is here</x-act>
        </p>
    @endforeach
</details>
