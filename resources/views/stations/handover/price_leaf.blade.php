@php($leaf = $page->price())
@php($cost = $leaf->cost)
@php($q = $leaf->quote)
<h1 class="price-sentence">{{ $leaf->sentence() }}</h1>
@if ($leaf->taxed() !== '')
    <p class="muted">{{ ucfirst($leaf->taxed()) }}.</p>
@endif
@if ($cost->unpriced() !== [])
    <p class="wanted">Without a price, and not in the sum:
        {{ implode(', ', array_slice($cost->unpriced(), 0, 6)) }}{{ count($cost->unpriced()) > 6 ? ' and ' . (count($cost->unpriced()) - 6) . ' more' : '' }}.
    </p>
@endif
<div
    class="quote-fields"
    aria-label="What the price is made of"
>
    @foreach ($leaf->fields() as $of => [$label, $value, $like])
        <x-form
            op="quote"
            render="all"
            :with="['of' => $of]"
            echo="quote-echo-{{ $of }}"
            on-change
            class="quote-field"
        >
            <label for="quote-{{ $of }}">{{ $label }}</label>
            <input
                class="typed figure"
                id="quote-{{ $of }}"
                name="text"
                value="{{ $value }}"
                placeholder="{{ $like }}"
                autocomplete="off"
            >
            <span
                class="echo"
                id="quote-echo-{{ $of }}"
            ></span>
        </x-form>
    @endforeach
    <x-form
        op="quote"
        render="all"
        :with="['of' => 'rounding']"
        on-change
        class="quote-field"
    >
        <label for="quote-rounding">Rounded to</label>
        <span class="select"><select
                class="typed"
                id="quote-rounding"
                name="text"
            >
                @foreach (BenchGlow\Format\HandOverFields::ROUNDING as $step)
                    <option @selected($q->text('rounding', '0.01') === $step)>{{ $step }}</option>
                @endforeach
            </select></span>
    </x-form>
    <x-form
        op="quote"
        render="all"
        :with="['of' => 'gross']"
        on-change
        class="quote-field"
    >
        <label for="quote-gross">Prices</label>
        <span class="select"><select
                class="typed"
                id="quote-gross"
                name="text"
            >
                <option
                    value="without"
                    @selected(!$q->flag('gross'))
                >without tax</option>
                <option
                    value="with"
                    @selected($q->flag('gross'))
                >with tax</option>
            </select></span>
    </x-form>
</div>
<div
    class="scroll"
    tabindex="0"
    role="region"
    aria-label="What it costs"
>
    <table class="table is-narrow price-rows">
        <thead>
            <tr>
                <th>Row</th>
                <th>Planned</th>
                @if ($cost->isActual())
                    <th>Came to</th>
                    <th>Difference</th>
                @endif
            </tr>
        </thead>
        <tbody>
            @foreach ($cost->rows as $row)
                <tr>
                    <td>
                        @if ($row->parts === [])
                            {{ $row->label }}
                        @else
                            <details>
                                <summary>{{ $row->label }}</summary>
                                <ul class="bought">
                                    @foreach ($row->parts as $part)
                                        <li>{{ $part->label }}:
                                            {{ $part->need }}{{ $part->unit === 'm' ? ' m' : '' }} needed,
                                            buy {{ $part->packed() }},
                                            {{ $part->price === null ? '—' : $leaf->said($part->price) }}{{ $part->left === '0' ? '' : ', ' . $part->left . ($part->unit === 'm' ? ' m' : '') . ' left over' }}
                                        </li>
                                    @endforeach
                                </ul>
                            </details>
                        @endif
                        @if ($leaf->hours($row) !== '')
                            <small class="muted">{{ $leaf->hours($row) }}</small>
                        @endif
                    </td>
                    <td class="figure">{{ $leaf->said($row->planned) }}</td>
                    @if ($cost->isActual())
                        <td class="figure">{{ $row->actual === null ? '' : $leaf->said($row->actual) }}</td>
                        <td class="figure">
                            {{ $row->difference() === null || $row->difference()->isZero() ? '' : $leaf->said($row->difference()) }}
                        </td>
                    @endif
                </tr>
            @endforeach
            <tr class="sum">
                <th>In all, before tax</th>
                <td class="figure">{{ $leaf->said($cost->net()) }}</td>
                @if ($cost->isActual())
                    <td class="figure">{{ $leaf->said($cost->actualNet()) }}</td>
                    <td class="figure">{{ $leaf->said($cost->actualNet()->minus($cost->net())) }}</td>
                @endif
            </tr>
        </tbody>
    </table>
</div>
@if ($leaf->cause() !== '')
    <p>{{ $leaf->cause() }}</p>
@endif
<h2>What can be picked</h2>
@if ($leaf->options() === [])
    <p class="muted">No option yet: change the build and offer that change instead, or type one with its price.</p>
@endif
@foreach ($leaf->groups() as $group)
    <ul @class(['options', 'bracket' => count($group) > 1])>
        @foreach ($group as $option)
            <li>
                <x-form
                    op="picks"
                    render="all"
                    class="act"
                    :with="['option' => $option->id, 'take' => $option->chosen ? '0' : '1']"
                >
                    <button
                        class="box-key"
                        aria-pressed="{{ $option->chosen ? 'true' : 'false' }}"
                        @disabled(!$option->valid)
                    ><span class="box">{{ $option->chosen ? '✓' : '' }}</span> {{ $option->label }}</button>
                </x-form>
                <b class="figure">{{ $option->chosen ? 'taken' : $leaf->difference($option->amount) }}</b>
                <span class="figure muted">{{ $option->code }}</span>
                @if (!$option->valid)
                    <p class="wrong">{{ ucfirst($option->because) }}</p>
                @endif
                @foreach ($option->changes as $change)
                    <p class="muted">{{ $change }}</p>
                @endforeach
                @if ($both = $leaf->drawings($option))
                    <div class="both-drawings">
                        <figure><x-svg
                                :drawing="$both[0]"
                                :id="'opt-was-' . $option->code"
                            />
                            <figcaption>without</figcaption>
                        </figure>
                        <figure><x-svg
                                :drawing="$both[1]"
                                :id="'opt-is-' . $option->code"
                            />
                            <figcaption>with</figcaption>
                        </figure>
                    </div>
                @endif
            </li>
        @endforeach
    </ul>
@endforeach
<x-form
    op="picks"
    render="all"
    echo="picks-echo"
    class="says"
>
    <label for="picks-codes">Codes the customer said</label>
    <input
        class="typed figure"
        id="picks-codes"
        name="codes"
        placeholder="A3-K, B7-T"
        autocomplete="off"
    >
    <button class="button is-small">Take them</button>
    <span
        class="echo"
        id="picks-echo"
    ></span>
</x-form>
@if ($leaf->newest() !== null)
    <form
        class="says"
        method="post"
        action="{{ route('handover.offer', $frame->build, false) }}"
    >
        @csrf
        <input
            type="hidden"
            name="base"
            value="{{ $frame->base }}"
        >
        <label for="offer-words">Offer the newest change ({{ $leaf->newest() }}) instead of making it</label>
        <input
            class="typed"
            id="offer-words"
            name="words"
            placeholder="as the customer reads it"
            autocomplete="off"
        >
        <button class="button is-small">Offer it</button>
    </form>
@endif
<details class="hand-tools">
    <summary>Another line, an option of your own, what something came to</summary>
    @foreach (['lines' => 'A line', 'options' => 'An option', 'costs' => 'It came to'] as $list => $words)
        <x-form
            op="quote_line"
            render="all"
            :with="['list' => $list]"
            echo="line-echo-{{ $list }}"
            class="says"
        >
            <label for="line-{{ $list }}">{{ $words }}</label>
            <input
                class="typed"
                id="line-{{ $list }}"
                name="words"
                placeholder="what it is"
                autocomplete="off"
            >
            <input
                class="typed figure"
                name="amount"
                size="8"
                placeholder="12.50"
                aria-label="{{ $words }}: amount"
                autocomplete="off"
            >
            @if ($list === 'costs')
                <span class="select"><select
                        class="typed"
                        name="sort"
                        aria-label="What it was for"
                    >
                        @foreach (['part' => 'a part', 'consumable' => 'used up', 'hire' => 'hire', 'post' => 'post', 'other' => 'other'] as $sort => $says)
                            <option value="{{ $sort }}">{{ $says }}</option>
                        @endforeach
                    </select></span>
            @endif
            <button class="button is-small">Keep it</button>
            <span
                class="echo"
                id="line-echo-{{ $list }}"
            ></span>
        </x-form>
    @endforeach
</details>
<p class="hand-tools"><a
        class="button"
        href="{{ route('handover.quote', $frame->build, false) }}"
    >The page for the customer</a></p>
