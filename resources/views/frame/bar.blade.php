<header class="top">
<a class="brand" href="{{ route('wall', [], false) }}" aria-label="Bench Glow, the builds wall"><x-mark/> <span>Bench Glow</span></a>
@isset($frame)@include('frame.headline')@endisset
<nav class="tools" aria-label="Tools">
<a class="plain" href="{{ route('sums', [], false) }}" data-key="q">Quick sums <kbd>Q</kbd></a>
@isset($frame)<a class="plain" href="{{ route('find', $frame->build, false) }}" data-key="/">Find <kbd>/</kbd></a>@endisset
<button class="plain" type="button" data-open="bench-settings">Bench</button>
</nav>
</header>
<dialog id="bench-settings" class="sheet-dialog" aria-labelledby="bench-h">
<h2 id="bench-h">This bench</h2>
<form method="post" action="{{ route('bench', [], false) }}">@csrf
@foreach(['bench' => ['Light', ['system' => 'as the system', 'day' => 'day', 'night' => 'night']], 'units' => ['Lengths', ['metric' => 'metres', 'imperial' => 'feet and inches']], 'wire' => ['Wire sizes', ['mm2' => 'mm²', 'awg' => 'AWG']], 'decimal_sign' => ['Decimals', ['point' => '1.5', 'comma' => '1,5']], 'keys_on' => ['Keys', ['1' => 'on', '0' => 'off']], 'still' => ['Movement', ['0' => 'ticks run', '1' => 'still']]] as $name => [$legend, $choices])
<fieldset><legend>{{ $legend }}</legend>@foreach($choices as $value => $text)<label class="pick"><input type="radio" name="{{ $name }}" value="{{ $value }}" @checked((string) $preference->{$name} === (string) $value)> {{ $text }}</label>@endforeach</fieldset>
@endforeach
<div class="row"><button class="button is-primary" type="submit">Set the bench</button> <button class="button" type="button" data-lights-out>Lights out</button> <button class="button" type="button" data-close>Close</button></div>
</form>
</dialog>
<dialog id="keys" class="sheet-dialog" aria-labelledby="keys-h">
<h2 id="keys-h">Keys</h2>
<dl class="keys">@foreach(['S then '.implode(', ', array_map(fn ($s) => $s->number(), $stations->all())) => implode(', ', array_map(fn ($s) => $s->label(), $stations->all())), 'T then a digit' => 'that throw-switch', 'C then a flag' => 'that circuit', ', .' => 'circuit before, circuit after', 'L N H' => 'supply low, normal, high', 'Z' => 'take back', 'Shift Z' => 'bring back', 'F' => 'next pin', 'W' => 'the ways', 'Q' => 'quick sums', '/' => 'find', 'O' => 'lights out', '?' => 'these keys'] as $k => $does)<dt><kbd>{{ $k }}</kbd></dt><dd>{{ $does }}</dd>@endforeach</dl>
<p>Keys are ignored while you type in a field. Switch them off under Bench.</p>
<button class="button" type="button" data-close>Close</button>
</dialog>
