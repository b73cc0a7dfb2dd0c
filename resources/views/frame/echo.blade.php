@if ($in && $in->text('echo') !== '' && !($whole ?? false))
    <span
        class="echo"
        id="{{ $in->text('echo') }}"
        hx-swap-oob="true"
    >{{ App\Frame\Echoed::of($in, $frame) }}</span>
@endif
