@php($S = BenchGlow\Quantity\Shown::class)
<header>
    <h1>{{ $frame->document->title() }}</h1>
    <p class="muted">As kept {{ App\Support\WallClock::day($frame->build->changed_at) }} · revision {{ $frame->base }}
        ·
        {{ str_replace('_', ' ', $frame->document->fields()->text('place')) }}</p>
</header>
<section>
    <h2>How to isolate it</h2>
    <ol>
        @php($fuses = $page->fuses())
        @foreach ($frame->analysis->build->supplies as $supply)
            <li>{{ $supply->label }}: @if ($supply->isDriver())
                    switch the driver off at its mains switch; its mains side is for a licensed electrician.
                @else
                    take off the negative terminal. Rings and tools off first.
                @endif
                @if (($fuses[$supply->id] ?? []) !== [])
                    Or pull every fuse that feeds a circuit from it:
                    <ul>
                        @foreach ($fuses[$supply->id] as $fuse)
                            <li>{{ $fuse }}</li>
                        @endforeach
                    </ul>
                @endif
            </li>
        @endforeach
        <li>Prove it dead with a meter before you touch a joint.</li>
    </ol>
</section>
@if ($frame->document->fields()->object('brief')->text('note') !== '')
    <section>
        <h2>Brief</h2>
        <p>{{ $frame->document->fields()->object('brief')->text('note') }}</p>
    </section>
@endif
@foreach ($frame->analysis->build->circuits as $circuit)
    <section class="sheet-circuit">
        <h2><span class="flag-tag">{{ $circuit->flag }}</span> {{ $circuit->label }}</h2><x-svg
            :drawing="$page->drawing($circuit)"
            :id="'sheet-' . $circuit->id"
        />
        <p>{{ $page->drawnIn($circuit) }} {{ $page->verdict($circuit->id) }} in {{ $frame->analysis->stateCount() }}
            states.</p>
        <div
            class="scroll"
            tabindex="0"
            role="region"
            aria-label="Figures of {{ $circuit->label }}"
        >
            <table class="table is-narrow">
                <thead>
                    <tr>
                        <th>Situation</th>
                        <th>Supply</th>
                        <th>Amps</th>
                        <th>Weakest lamp</th>
                        <th>Its light</th>
                        <th>Looks like</th>
                    </tr>
                </thead>
                @foreach ($page->situations($circuit) as $situation)
                    <tbody>
                        @foreach ($situation->rows as $name => $row)
                            <tr>
                                @if ($loop->first)
                                    <th
                                        rowspan="3"
                                        scope="rowgroup"
                                    >{{ ucfirst($situation->words) }}:
                                        {{ $situation->wanted }}{{ $situation->right ? '' : ', and it does not' }}
                                    </th>
                                @endif
                                <td>{{ $name }}</td>
                                <td class="figure">{{ $S::amps($row['amps']) }}</td>
                                @if ($row['volts'] === null)
                                    <td colspan="3">dark</td>
                                @else
                                    <td>{{ $row['lamp'] }} <span
                                            class="figure">{{ $S::reading($row['volts']) }}</span></td>
                                    <td class="figure">{{ $S::percent($row['light']) }}</td>
                                    <td class="figure">{{ $S::percent(BenchGlow\Light\Seen::share($row['light'])) }}
                                    </td>
                                @endif
                            </tr>
                        @endforeach
                    </tbody>
                @endforeach
            </table>
        </div>
    </section>
@endforeach
<section>
    <h2>Wires and fuses</h2>
    <div
        class="scroll"
        tabindex="0"
        role="region"
        aria-label="Wires and fuses"
    >
        <table class="table is-narrow">
            <thead>
                <tr>
                    <th>Lead</th>
                    <th>Wire</th>
                    <th>Length</th>
                    <th>Carries</th>
                    <th>Bears</th>
                    <th>Loses</th>
                    <th>Fuse</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($frame->analysis->leads as $lead)
                    <tr>
                        <td>{{ $frame->analysis->build->leads[$lead->id]->label }}</td>
                        <td>{{ $lead->wire->label() }}{{ $lead->wire->chosen ? '' : ' (recommended)' }}</td>
                        <td class="figure">{{ $lead->lengthKnown ? $frame->length($lead->lengthM) : 'missing' }}</td>
                        <td class="figure">{{ $S::amps($lead->amps) }}</td>
                        <td class="figure">{{ $S::amps($lead->allowedA) }}</td>
                        <td class="figure">{{ $S::reading($lead->dropV) }}</td>
                        <td>
                            @foreach ($frame->analysis->fuses as $fuse)
                                @if ($fuse->lead === $lead->id)
                                    {{ $fuse->id }}
                                    {{ $fuse->fittedA() === null ? 'none fits' : $S::amps($fuse->fittedA()) }}
                                @endif
                            @endforeach
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
</section>
<section>
    <h2>Parts</h2>
    <div
        class="scroll"
        tabindex="0"
        role="region"
        aria-label="Parts"
    >
        <table class="table is-narrow">
            <thead>
                <tr>
                    <th>Part</th>
                    <th>Count</th>
                    <th>Length</th>
                    <th>Price, {{ $frame->analysis->build->settings->currency }}</th>
                </tr>
            </thead>
            <tbody>
                @php($parts = $page->parts())
                @foreach ($parts as $row)
                    <tr>
                        <td>{{ $row['label'] }}</td>
                        <td class="figure">{{ $row['count'] ?? '' }}</td>
                        <td class="figure">{{ $row['length_m'] === null ? '' : $frame->length($row['length_m']) }}</td>
                        <td class="figure">
                            {{ $row['price'] === null ? '' : BenchGlow\Quantity\Shown::figure($row['price']) }}</td>
                    </tr>
                @endforeach
                <tr>
                    <th>Sum of what has a price</th>
                    <td></td>
                    <td></td>
                    <td class="figure">
                        {{ $page->sum() }}
                    </td>
                </tr>
            </tbody>
        </table>
    </div>
</section>
@php($insulate = $page->insulate())
@if ($insulate !== [])
    <section>
        <h2>To insulate</h2>
        <ul>
            @foreach ($insulate as $row)
                <li><span
                        class="figure">{{ $frame->names()->pin($row['pin']) }}</span>{{ $row['volts'] === null ? '' : ', ' . $S::reading($row['volts']) }}
                </li>
            @endforeach
        </ul>
    </section>
@endif
@php($lists = new BenchGlow\Lists\Lists($frame->analysis))
<section>
    <h2>Which wire is which</h2>
    <div
        class="scroll"
        tabindex="0"
        role="region"
        aria-label="Which wire is which"
    >
        <table class="table is-narrow">
            <thead>
                <tr>
                    <th>At the source</th>
                    <th>Lead and core</th>
                    <th>Wire</th>
                    <th>Goes to</th>
                    <th>Function</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($lists->translation() as $row)
                    <tr>
                        <td>{{ $frame->names()->pin($row['host']) }}</td>
                        <td>{{ $frame->names()->pin($row['lead']) }}</td>
                        <td>{{ $row['wire'] }}{{ $row['colour'] ? ', ' . $row['colour'] : '' }}</td>
                        <td>{{ $frame->names()->pin($row['to']) }}</td>
                        <td>{{ $row['function'] }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    @foreach ($page->spare() as $words)
        <p>{{ $words }}</p>
    @endforeach
</section>
@if ($frame->document->fields()->objects('gates') !== [] || $frame->document->fields()->objects('faults') !== [])
    @php($proof = new App\Stations\HandOver\ProofSheet($frame))
    <section>
        <h2>What was proven</h2>
        <div
            class="scroll"
            tabindex="0"
            role="region"
            aria-label="What was proven"
        >
            <table class="table is-narrow">
                <thead>
                    <tr>
                        <th>Gate</th>
                        <th>Expected</th>
                        <th>Measured</th>
                        <th>On</th>
                        <th>Is</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($proof->gates() as $row)
                        <tr>
                            <td>{{ $row['says'] }}</td>
                            <td>{{ $row['expected'] }}</td>
                            <td class="figure">{{ $row['measured'] }}</td>
                            <td class="figure">{{ $row['on'] }}</td>
                            <td>{{ $row['stands'] }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
        @foreach ($proof->hunts() as $words)
            <p>{{ $words }}</p>
        @endforeach
    </section>
@endif
@php($open = $page->open())
<section>
    <h2>Open findings</h2>
    @if ($open === [])
        <p>None at three supply states. Measure before you trust it.</p>
    @else
        <ol class="numbered">
            @foreach ($open as $finding)
                <li><x-severity :of="$finding->severity->value" /> {{ $frame->names()->sentence($finding->message) }}</li>
            @endforeach
        </ol>
    @endif
    @php($aside = $page->setAside())
    @if ($aside !== [])
        <h3>Set aside, with the reason</h3>
        <ul>
            @foreach ($aside as $finding)
                <li>{{ $frame->names()->sentence($finding->message) }} <em>“{{ $finding->acceptedBecause }}”</em></li>
            @endforeach
        </ul>
    @endif
</section>
<footer class="muted">Figures come from models and typical parts; measure before trusting. Local codes and licensed
    practice win. Bench Glow {{ App\Frame\Foot::version() }}</footer>
