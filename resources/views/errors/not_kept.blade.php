@extends('errors.page')
@section('title', 'Not kept here')
@section('says', $says)
@section('kept', 'Nothing was changed.')
