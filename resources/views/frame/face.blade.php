@php($weakest = $frame->meter->weakest())
@php($was = $frame->meter->wasWords())
<div class="face">
    @include('frame.positions')
    @if ($weakest)
        @if ($weakest['lit'])
            <p class="big figure">{{ BenchGlow\Quantity\Shown::figure($weakest['volts']) }}<small> V</small></p>
            <p class="at">at the weakest lamp: {{ $weakest['name'] }}</p>
        @else
            <p class="big figure">dark</p>
            <p class="at">{{ $weakest['name'] }}</p>
        @endif
        <dl class="small">
            <div>
                <dd class="figure">{{ BenchGlow\Quantity\Shown::amps($frame->flags->amps($frame->circuit->id)) }}
                </dd>
                <dt>runs</dt>
            </div>
            <div>
                <dd class="figure">{{ BenchGlow\Quantity\Shown::watts($frame->meter->watts($frame->circuit->id)) }}
                </dd>
                <dt>taken</dt>
            </div>
            @if ($weakest['lit'] && $frame->meter->lost() !== null)
                <div>
                    <dd class="figure">−{{ BenchGlow\Quantity\Shown::reading((float) $frame->meter->lost()) }}</dd>
                    <dt>lost</dt>
                </div>
            @endif
        </dl>
        @if ($weakest['lit'])
            <p class="seen">{{ BenchGlow\Quantity\Shown::percent($weakest['flux']) }} of the label's light, looks
                like {{ BenchGlow\Quantity\Shown::percent($weakest['seen']) }}</p>
        @endif
        @if ($weakest['lit'] && $weakest['uniformity'] < 0.995)
            <p class="seen">{{ BenchGlow\Quantity\Shown::percent($weakest['uniformity']) }} of the brightest
                lamp's</p>
        @endif
        @if ($was)
            <p class="was">{{ $was }}</p>
        @endif
    @else
        <p class="big figure">—</p>
        <p class="at">nothing to measure yet</p>
    @endif
</div>
