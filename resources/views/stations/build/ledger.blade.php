@php($ledger = new BenchGlow\Steps\Ledger($page->plan->build))
<details
    class="folded"
    id="ledger"
>
    <summary data-build-key="g">Ledger</summary>
    @foreach ($ledger->order as $n => $panel)
        @php([$back, $all] = $ledger->counted($panel))
        <h3>{{ $n + 1 }}. {{ BenchGlow\Quantity\Words::first($page->plan->build->panels[$panel]->label) }}
            <small class="muted">{{ $all === 0 ? 'no fastener written down' : "{$back} of {$all} back" }}</small>
        </h3>
        <ul class="fasteners">
            @foreach ($ledger->of($panel) as $fastener)
                <li>
                    <b>{{ $fastener->words() }}</b>{{ $fastener->where === '' ? '' : ', ' . $fastener->where }}{{ $fastener->bag === '' ? '' : ', bag ' . $fastener->bag }}
                    @if ($fastener->hidden)
                        · hidden
                    @endif
                    @if ($fastener->singleUse)
                        · for one use: buy {{ $fastener->count + 1 }}
                    @endif
                    @if ($fastener->lost > 0)
                        · {{ $fastener->lost }} lost
                    @endif
                    @if ($fastener->isForbidden())
                        <p class="caution"><b>Leave it as it is: it holds what a life hangs on.</b></p>
                    @else
                        @if (!$fastener->off)
                            <x-act
                                :edit="new BenchGlow\Edit\Fasten($fastener->id, 'off')"
                                class="is-small"
                            >Off</x-act>
                        @else
                            <x-act
                                :edit="new BenchGlow\Edit\Fasten($fastener->id, 'back')"
                                class="is-small"
                            >Back</x-act>
                        @endif
                        @if ($fastener->lost < $fastener->count)
                            <x-act
                                :edit="new BenchGlow\Edit\Fasten($fastener->id, 'lost', $fastener->lost + 1)"
                                class="is-small"
                            >One lost</x-act>
                        @endif
                    @endif
                </li>
            @endforeach
        </ul>
        <x-form
            op="fastener"
            :echo="'fastener-' . $n . '-echo'"
            render="all"
            :with="['panel' => $panel]"
            class="says"
        >
            <x-field
                :id="'fastener-' . $n . '-count'"
                label="More:"
                name="count"
                size="3"
                inputmode="numeric"
            />
            <x-select
                :id="'fastener-' . $n . '-kind'"
                label="of kind"
                name="kind"
                :options="App\Stations\Build\Forms\FastenerForm::KINDS"
            />
            <x-field
                :id="'fastener-' . $n . '-size'"
                label="size"
                name="size"
                size="10"
                placeholder="M5x16"
            />
            <x-field
                :id="'fastener-' . $n . '-bag'"
                label="bag"
                name="bag"
                size="3"
            />
            @foreach (['washer' => 'with washers', 'hidden' => 'hidden', 'single_use' => 'for one use'] as $name => $words)
                <label><input
                        type="checkbox"
                        name="{{ $name }}"
                        value="1"
                    > {{ $words }}</label>
            @endforeach
            <button class="button is-small">Write them down</button><span
                class="echo"
                id="fastener-{{ $n }}-echo"
            ></span>
        </x-form>
    @endforeach
    @if ($ledger->order === [])
        <p class="muted">Nothing of the host has to come off, as far as is said.</p>
    @endif
    @if ($ledger->toBuy() !== [])
        <p>To buy, one to spare with each:
            {{ implode(', ', array_map(fn($what, $many) => "{$many} × {$what}", array_keys($ledger->toBuy()), $ledger->toBuy())) }}.
        </p>
    @endif
    @include('stations.build.panels')
    <p class="papers"><a
            class="button is-small"
            href="{{ $frame->to('build.paper', 'tray', 'pdf') }}"
        >Tray sheet, true size</a></p>
</details>
