<section
    class="loom-part"
    id="cut-plan"
>
    <h2>Cut plan</h2>
    @foreach ($page->cutting->cuts() as $cuts)
        <div class="reels">
            <p><b>{{ BenchGlow\Quantity\Words::first($cuts->sold->label) }}</b>, {{ $cuts->words() }}:
                {{ BenchGlow\Quantity\Words::count(count($cuts->pieces), 'piece') }}.
                @foreach ($cuts->plan->over as $n)
                    {{ $cuts->pieces[$n]->words }} is longer than any reel.
                @endforeach
            </p>
            @foreach ($cuts->plan->bins as $bin)
                <svg
                    class="reel"
                    viewBox="0 0 724 34"
                    width="724"
                    height="34"
                    role="img"
                    aria-label="{{ $bin['offcut'] === null ? 'A new reel' : 'An offcut' }} of {{ $frame->length($bin['length'] / 1000) }}, {{ $frame->length($bin['left'] / 1000) }} left over"
                >
                    @php($x = 0)
                    @php($k = 600 / max(1, $page->cutting->longestBin($cuts)))
                    @foreach ($bin['pieces'] as $n)
                        @php($w = $cuts->pieces[$n]->mm() * $k)
                        <rect
                            class="piece"
                            x="{{ round($x, 1) }}"
                            y="4"
                            width="{{ round(max(1, $w - 2), 1) }}"
                            height="24"
                        />
                        @if ($w > 54)
                            <text
                                x="{{ round($x + $w / 2, 1) }}"
                                y="21"
                                text-anchor="middle"
                            >{{ $frame->length($cuts->pieces[$n]->lengthM) }}</text>
                        @endif
                        @php($x += $w)
                    @endforeach
                    <rect
                        class="left"
                        x="{{ round($x, 1) }}"
                        y="8"
                        width="{{ round($bin['left'] * $k, 1) }}"
                        height="16"
                    />
                    <text
                        x="{{ round($x + $bin['left'] * $k + 8, 1) }}"
                        y="21"
                    >{{ $frame->length($bin['left'] / 1000) }} left</text>
                </svg>
                @if ($bin['offcut'] !== null && ($take = $page->cutting->take($cuts, $bin['offcut'])))
                    <x-act :edit="$take[0]">{{ $take[1] }}</x-act>
                @endif
            @endforeach
        </div>
    @endforeach
    <h2>To buy</h2>
    @if ($page->cutting->cuts() === [])
        <p class="muted">Nothing is cut yet.</p>
    @else
        <table class="buy">
            <thead>
                <tr>
                    <th scope="col">what</th>
                    <th scope="col">needed</th>
                    <th scope="col">packs</th>
                    @can('see-prices')
                        <th scope="col">price</th>
                    @endcan
                    <th scope="col">left over</th>
                    <td></td>
                </tr>
            </thead>
            <tbody>
                @foreach ($page->cutting->cuts() as $cuts)
                    <tr>
                        <th scope="row">{{ $cuts->sold->label }}</th>
                        <td>{{ $frame->length($cuts->buy->need) }}</td>
                        <td>{{ $cuts->buy->packs }} × {{ $frame->length($cuts->sold->sizeM) }}</td>
                        @can('see-prices')
                            <td>{{ $cuts->buy->price ?? '—' }}</td>
                        @endcan
                        <td>{{ $cuts->buy->left === null ? '—' : $frame->length($cuts->buy->left) }}</td>
                        <td></td>
                    </tr>
                @endforeach
                @foreach ($page->cutting->consumables() as $row)
                    <tr>
                        <th scope="row">{{ BenchGlow\Quantity\Words::first($row->what) }}</th>
                        <td>{{ $row->amount($row->buy->need) }}</td>
                        <td>{{ $row->packs() }}</td>
                        @can('see-prices')
                            <td>{{ $row->buy->price ?? '—' }}</td>
                        @endcan
                        <td>{{ $row->buy->left === null ? '—' : $row->amount($row->buy->left) }}</td>
                        <td>
                            @if ($put = $page->cutting->list($row))
                                <x-act
                                    :edit="$put"
                                    class="is-small"
                                    title="Into the parts list, where what lies on the bench of it is kept"
                                >List it</x-act>
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        @can('see-prices')
            <p>What has a price comes to {{ $page->cutting->price() }}
                {{ $page->list->build->settings->currency }}.
            </p>
        @endcan
    @endif
    @if ($page->cutting->counted() !== [])
        <details class="layout-more">
            <summary>Parts that are counted ({{ count($page->cutting->counted()) }})</summary>
            @foreach ($page->cutting->counted() as $n => $row)
                <x-form
                    op="keep_part"
                    :echo="'part-' . $n . '-echo'"
                    on-change
                    render="all"
                    :with="['id' => $row['id']]"
                    class="says part-row"
                >
                    <b>{{ $row['need'] }} {{ $row['label'] }}</b>
                    <x-field
                        :id="'have-' . $n"
                        label="have"
                        name="have"
                        size="4"
                        :value="$row['have'] === null ? '' : BenchGlow\Quantity\Shown::plain($row['have'], 1)"
                    />
                    <x-field
                        :id="'ordered-' . $n"
                        label="ordered on"
                        name="ordered"
                        size="10"
                        :value="$row['ordered']"
                    />
                    <x-field
                        :id="'due-' . $n"
                        label="due on"
                        name="due"
                        size="10"
                        :value="$row['due']"
                    />
                    <span
                        class="echo"
                        id="part-{{ $n }}-echo"
                    ></span></x-form>
            @endforeach
        </details>
    @endif
    <ul class="ready">
        @foreach ($page->cutting->ready()->circuits() as $circuit => $ready)
            <li>{{ $page->list->build->circuits[$circuit]->label }}:
                {{ $page->cutting->readyWords($ready) }}
            </li>
        @endforeach
    </ul>
    <details
        class="layout-more"
        @if ($errors->has('offcut')) open @endif
    >
        <summary>Offcuts on the bench ({{ count($page->cutting->offcuts()) }})</summary>
        @foreach ($page->cutting->offcuts() as $offcut)
            @can('reach', 'harness.offcuts')
                <form
                    method="post"
                    action="{{ $frame->to('harness.offcuts.gone') }}"
                    class="act"
                >@csrf<input
                        type="hidden"
                        name="offcut"
                        value="{{ $offcut->id }}"
                    >{{ $offcut->label }},
                    {{ $frame->length($offcut->length_m) }}{{ $offcut->from === '' ? '' : ', from ' . $offcut->from }}
                    <button class="button is-small">It is gone</button>
                </form>
            @endcan
        @endforeach
        @can('reach', 'harness.offcuts')
            <form
                method="post"
                action="{{ $frame->to('harness.offcuts') }}"
                class="says"
            >@csrf<x-select
                    id="offcut-part"
                    label="An offcut of"
                    name="part"
                    :options="$page->cutting->cutParts()"
                    :value="old('part')"
                />
                <x-field
                    id="offcut-long"
                    label="so long"
                    name="long"
                    size="8"
                    :value="old('long')"
                />
                <x-field
                    id="offcut-from"
                    label="left from"
                    name="from"
                    size="14"
                    :value="old('from')"
                />
                <button class="button">Keep it</button>
                @error('offcut')
                    <span
                        class="echo wrong"
                        role="alert"
                    >{{ $message }}</span>
                @enderror
            </form>
        @endcan
    </details>
</section>
