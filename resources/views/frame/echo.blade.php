@if($in && $in->text('echo') !== '' && ! ($whole ?? false))<span class="echo" id="{{ $in->text('echo') }}" hx-swap-oob="true">{{ App\View\Echoed::of($in, $page) }}</span>@endif
